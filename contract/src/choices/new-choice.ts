import { said } from '@cricket/core/said';
import { InputError, Maybe, OneOf, Optional, Uuid } from '@cricket/core/input';
import { axlePlaces } from '@cricket/core/model';

import { Moment } from '../moment';

/** Where work goes on, or which motor wheel it is to be. */
export class NewChoice {
  @OneOf(axlePlaces) place!: (typeof axlePlaces)[number];
  @OneOf(['place', 'wheel']) kind!: 'place' | 'wheel';
  @Optional() @Maybe() @Uuid() wheelId?: string | null;
  @Moment() chosenAt!: string;
}

/** A wheel that is chosen must be named. */
export function whyNoChoice({ kind, wheelId }: Pick<NewChoice, 'kind' | 'wheelId'>): InputError | null {
  return kind === 'wheel' && !wheelId ? new InputError('wheelId', wheelId, said('input.uuid')) : null;
}
