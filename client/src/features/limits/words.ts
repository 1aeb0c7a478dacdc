import type { LimitArea, LimitRow } from '@cricket/core/limits';
import { phrase } from '../../ui/say';

/** Words of the limits page. */
export const words = {
  title: phrase('limits.title'),
  lead: phrase('limits.lead'),
  areas: {
    slot: phrase('limits.areas.slot'),
    stack: phrase('limits.areas.stack'),
    torque: phrase('limits.areas.torque'),
    arm: phrase('limits.areas.arm'),
    brake: phrase('limits.areas.brake'),
    gears: phrase('limits.areas.gears'),
    wheel: phrase('limits.areas.wheel'),
    tyre: phrase('limits.areas.tyre'),
    bike: phrase('limits.areas.bike'),
    cost: phrase('limits.areas.cost'),
    time: phrase('limits.areas.time'),
    fasteners: phrase('limits.areas.fasteners'),
    'take-in': phrase('limits.areas.take-in'),
  } satisfies Record<LimitArea, string>,
  sources: {
    judgement: phrase('limits.sources.judgement'),
    'standard practice': phrase('limits.sources.standard-practice'),
    geometry: phrase('limits.sources.geometry'),
  } satisfies Record<LimitRow['source'], string>,
  preset: (value: string) => phrase('limits.preset', { value }),
  own: phrase('limits.own'),
  reset: phrase('limits.reset'),
  carbon: phrase('limits.carbon'),
  keep: phrase('limits.keep'),
  sizesHint: phrase('limits.sizesHint'),
  badSizes: (text: string, range: string) => phrase('limits.badSizes', { text, range }),
  conflict: phrase('limits.conflict'),
  note: phrase('limits.note'),
};
