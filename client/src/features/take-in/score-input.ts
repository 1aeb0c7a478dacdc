import type { BikeFacts } from '@cricket/core/bike-facts';
import type { EndFacts } from '@cricket/core/end-facts';
import type { TakeInInput } from '@cricket/core/take-in';

/** What the score may look at: take-in and the words already recorded at both ends. */
export function scoreInput(
  facts: BikeFacts,
  ends: { front: EndFacts; rear: EndFacts },
  peakTorqueNm?: number,
): TakeInInput {
  const { bikeKg, riderKg, loadKg, climb, surface, loadAt, law, budget } = facts;
  const oldHub = ends.rear.words.get('old-hub');
  const rearHub = oldHub === 'plain' ? ((ends.rear.speeds ?? 0) > 0 ? 'derailleur' : 'single') : oldHub;
  return {
    front: endOf(ends.front, facts.brakes?.front?.kind),
    rear: endOf(ends.rear, facts.brakes?.rear?.kind),
    massKg: { bike: bikeKg ?? 18, rider: riderKg ?? 75, load: loadKg ?? 0 },
    ...(rearHub !== undefined && { rearHub: rearHub as NonNullable<TakeInInput['rearHub']> }),
    ...(peakTorqueNm !== undefined && { peakTorqueNm }),
    ...(loadAt && { loadAt }),
    ...(climb && { climbPercent: climb.gradePercent }),
    ...(surface && { surface }),
    ...(law && { lawRatedW: law.ratedW, wishedW: 250 }),
    ...(budget !== undefined && { budget }),
  };
}

const brakes = { rim: 'rim', disc: 'rotor', other: 'drum', none: 'none' } as const;

function endOf(facts: EndFacts, told: TakeInInput['front']['brake']): TakeInInput['front'] {
  const { material, bladeMaterial, suspension, makerApproval, condition, kind, brake } = facts;
  return {
    ...(material && { material }),
    ...(bladeMaterial && { bladeMaterial }),
    ...(suspension !== null && { suspension }),
    ...(makerApproval !== null && { approval: makerApproval }),
    ...(condition && { condition }),
    ...(kind && { kind }),
    ...(brake ? { brake: brakes[brake] } : told ? { brake: told } : {}),
  };
}
