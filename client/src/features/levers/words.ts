import type { LeverPurchase, LeverStep, LeverTool, LeverWay } from '@cricket/core/brake-levers';
import { addedName } from '@cricket/core/lever-question';

import { phrase, say } from '../../ui/say';

export const words = {
  title: phrase('levers.title'),
  waiting: phrase('levers.waiting'),
  noBrakes: phrase('levers.noBrakes'),
  toTakeIn: phrase('levers.toTakeIn'),
  ends: { front: phrase('levers.ends.front'), rear: phrase('levers.ends.rear') },
  does: (way: LeverWay): string => {
    if (way.do === 'keep') return phrase('levers.does-lever-kept');
    if (way.do === 'replace') return phrase('levers.does-replaced-by', { lever: say(addedName(way.lever ?? '')) });
    return phrase('levers.does-kept-with', { switch: say(addedName(way.switch ?? '')) });
  },
  minutes: (count: number) =>
    count === 0 ? phrase('levers.minutes-no-work') : phrase('levers.minutes-min', { count }),
  together: (count: number) =>
    count === 0 ? phrase('levers.together-no-work-at') : phrase('levers.together-min-work-at', { count }),
  steps: {
    'lever-off': phrase('levers.steps.lever-off'),
    'hose-off': phrase('levers.steps.hose-off'),
    'lever-on': phrase('levers.steps.lever-on'),
    'cable-new': phrase('levers.steps.cable-new'),
    'hose-on': phrase('levers.steps.hose-on'),
    bleed: phrase('levers.steps.bleed'),
    'switch-on': phrase('levers.steps.switch-on'),
    'switch-trial': phrase('levers.steps.switch-trial'),
    bite: phrase('levers.steps.bite'),
    hold: phrase('levers.steps.hold'),
  } satisfies Record<LeverStep, string>,
  tools: {
    'hex-5': phrase('levers.tools.hex-5'),
    'cable-cutter': phrase('levers.tools.cable-cutter'),
    'hose-cutter': phrase('levers.tools.hose-cutter'),
    'bleed-set': phrase('levers.tools.bleed-set'),
  } satisfies Record<LeverTool, string>,
  toolsTitle: phrase('levers.toolsTitle'),
  buy: {
    shifter: phrase('levers.buy.shifter'),
    cable: phrase('levers.buy.cable'),
    'hose-joints': phrase('levers.buy.hose-joints'),
    'matching-lever': phrase('levers.buy.matching-lever'),
  } satisfies Record<LeverPurchase, string>,
  buyTitle: phrase('levers.buyTitle'),
  cutsMotor: phrase('levers.cutsMotor'),
  cutOpen: phrase('levers.cutOpen'),
  noCut: phrase('levers.noCut'),
  take: phrase('levers.take'),
  taken: phrase('levers.taken'),
  others: (end: string) => phrase('levers.others', { end }),
  change: phrase('levers.change'),
  write: phrase('levers.write'),
  formTitle: phrase('levers.formTitle'),
  sections: {
    front: phrase('levers.sections.front'),
    rear: phrase('levers.sections.rear'),
    kit: phrase('levers.sections.kit'),
    rider: phrase('levers.sections.rider'),
  },
  fields: {
    present: phrase('levers.fields.present'),
    oneWithShifter: phrase('levers.fields.oneWithShifter'),
    cutOff: phrase('levers.fields.cutOff'),
    reachMm: phrase('levers.fields.reachMm'),
    kitPull: phrase('levers.fields.kitPull'),
    kitCut: phrase('levers.fields.kitCut'),
    kitReachMm: phrase('levers.fields.kitReachMm'),
    inLine: phrase('levers.fields.inLine'),
    atLever: phrase('levers.fields.atLever'),
    swap: phrase('levers.fields.swap'),
    handReachMm: phrase('levers.fields.handReachMm'),
  },
  pulls: {
    '': phrase('levers.pulls.'),
    none: phrase('levers.pulls.none'),
    long: phrase('levers.pulls.long'),
    short: phrase('levers.pulls.short'),
  },
  yesNo: { yes: phrase('levers.yesNo.yes'), no: phrase('levers.yesNo.no') },
  maybe: { '': phrase('levers.maybe.'), yes: phrase('levers.maybe.yes'), no: phrase('levers.maybe.no') },
  counts: { '0': phrase('levers.counts.0'), '1': '1', '2': '2', '3': '3' },
  optional: phrase('levers.optional'),
  pullsElsewhere: phrase('levers.pullsElsewhere'),
  care: phrase('levers.care'),
  toLevers: phrase('levers.toLevers'),
};
