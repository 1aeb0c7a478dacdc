import type { End } from '@cricket/core/features';
import { IsIn, IsISO8601, IsUUID, ValidateIf } from 'class-validator';

/** Where work goes on, or which motor wheel it is to be. */
export class NewChoice {
  @IsIn(['front', 'rear'])
  end!: End;

  @IsIn(['end', 'wheel'])
  kind!: 'end' | 'wheel';

  @ValidateIf((choice: NewChoice) => choice.kind === 'wheel' || (choice.wheelId ?? null) !== null)
  @IsUUID()
  wheelId?: string | null;

  @IsISO8601({ strict: true })
  chosenAt!: string;
}
