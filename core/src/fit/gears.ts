import { gearIndex, type GearIndexResult } from '../gear-index';
import { notMeasured, told, type Finding } from '../verdict';
import type { EndFit } from '../end-fit';
import type { FitInput } from './contract';
import { lengthOf } from './readings';

/** Shifter and sprockets with this wheel; null at the front, without gears, or until they are recorded. */
export function gearsWith({ facts, wheel, limits }: FitInput, fit: EndFit): GearIndexResult | null {
  const { kit } = wheel;
  if (facts.end !== 'rear' || !kit || !facts.speeds) return null;
  const clicks = facts.words.get('clicks');
  const cluster = facts.words.get('cluster') as 'freewheel' | 'cassette' | undefined;
  if (clicks === undefined || cluster === undefined) return null;
  const oldGapMm = lengthOf(facts, 'sprocket-gap');
  const newGapMm = fit.stack?.stacks[0]?.sprocketGapMm;
  const stackMm = lengthOf(facts, 'cassette-stack');
  const { bodyMm } = kit.hub;
  return gearIndex({
    shifterSpeeds: clicks === 'friction' ? 0 : Number(clicks),
    sprockets: facts.speeds,
    cluster,
    hubTakes: kit.hub.takes,
    ...(oldGapMm !== null && newGapMm !== undefined && { oldGapMm, newGapMm }),
    ...(stackMm !== null && bodyMm !== undefined && { body: { lengthMm: bodyMm, stackMm } }),
    ...(limits && { limits }),
  });
}

/** What the rear motor ends, also without a derailleur, and what is not known of its body. */
export function hubFindings({ facts, wheel }: FitInput): Finding[] {
  if (facts.end !== 'rear') return [];
  const old = facts.words.get('old-hub');
  const findings: Finding[] = [];
  if (old === 'coaster' || old === 'drum') {
    findings.push(
      told('hub-lost', 'work', `With the old hub goes its ${old === 'coaster' ? 'back-pedal' : 'drum'} brake.`, [
        'Fit another rear brake before the motor.',
        'Or fit the motor at the front.',
      ]),
    );
  }
  if (old === 'gear-hub') {
    findings.push(
      told('hub-lost', 'work', 'With the old hub go the gears inside it.', [
        'Fit a derailleur and hanger, or ride single speed.',
        'Or fit the motor at the front.',
      ]),
    );
  }
  const cassette = facts.words.get('cluster') === 'cassette' && wheel.kit?.hub.takes === 'cassette';
  if (cassette && wheel.kit?.hub.bodyMm === undefined) {
    findings.push(notMeasured('cassette-spacer', 'The length of the hub’s splined body'));
  }
  return findings;
}
