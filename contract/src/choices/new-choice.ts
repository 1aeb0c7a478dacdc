import type { End } from '@cricket/core/features';
import { IsIn, IsUUID, ValidateIf } from 'class-validator';

import { IsMoment } from '../is-moment';

/** Where work goes on, or which motor wheel it is to be. */
export class NewChoice {
  @IsIn(['front', 'rear'])
  end!: End;

  @IsIn(['end', 'wheel'])
  kind!: 'end' | 'wheel';

  @ValidateIf((choice: NewChoice) => choice.kind === 'wheel' || (choice.wheelId ?? null) !== null)
  @IsUUID()
  wheelId?: string | null;

  @IsMoment()
  chosenAt!: string;
}
