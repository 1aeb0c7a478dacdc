import { said } from '../said';
import { withLimits } from '../limits';
import type { Side } from '../features';
import { boreSuits } from '../parts';
import { slotFit, type SlotFitInput, type SlotFitResult } from '../slot-fit';
import { worstOf } from '../verdict';
import type { EndFitInput } from './contract';

/** Judges the left and the right slot with what is measured of them. */
export function bothSlots(input: EndFitInput): Record<Side, SlotFitResult> {
  const slot = (side: Side) => untilSeen(input, slotFit(slotInput(input, side)));
  return { left: slot('left'), right: slot('right') };
}

/** How deep the axle sits follows from the shape of the seat: nobody knows until somebody has looked. */
function untilSeen({ facts }: EndFitInput, slot: SlotFitResult): SlotFitResult {
  if (facts.kind !== null) return slot;
  const findings = slot.findings.map((item) =>
    onSeat.has(item.id)
      ? { ...item, verdict: 'unknown' as const, remedies: [said('end-fit.look-at-shape-of-seat')] }
      : item,
  );
  return { ...slot, findings, verdict: worstOf(findings.map(({ verdict }) => verdict)) };
}

const onSeat = new Set(['slot-depth', 'axle-shift', 'lip']);

function slotInput({ facts, wheel, stores, limits }: EndFitInput, side: Side): SlotFitInput {
  const here = facts.sides[side];
  const lipUnknown = here.hasLip === true && here.lip === null;
  return {
    axle: defined({
      threadMm: wheel.axle.threadMm,
      flatsMm: wheel.axle.flatsMm,
      throughMm: wheel.kit?.hub.throughMm ?? null,
    }),
    side: defined({
      kind: facts.kind ?? 'open',
      seat: facts.seat,
      slotMinMm: here.slotMinMm,
      slotMaxMm: here.slotMaxMm,
      depthMm: here.depthMm,
      plateMm: here.plateMm,
      material: facts.material,
      bladeMaterial: facts.bladeMaterial,
      suspension: facts.suspension,
      holeMm: here.holeMm,
      oldAxleMm: lipUnknown ? null : facts.oldAxleMm,
      lip: here.lip,
      seatPartMm: wheel.nutFlangeMm,
      filedMm: here.filedMm,
      uncertaintyMm: here.slotUncertaintyMm,
    }),
    cWashers: stores.flatMap((item) =>
      item.kind === 'c-washer' &&
      item.outerMm !== null &&
      boreSuits(item.boreMm, wheel.axle.threadMm, withLimits(limits))
        ? [{ outerMm: item.outerMm, thicknessMm: item.thicknessMm, count: item.count }]
        : [],
    ),
    regen: wheel.regen,
    ...(limits && { limits }),
  };
}

type Defined<T> = { [K in keyof T as null extends T[K] ? never : K]: T[K] } & {
  [K in keyof T as null extends T[K] ? K : never]?: Exclude<T[K], null>;
};

/** Leaves out what is null: a calculator takes a missing field for "not measured". */
export function defined<T extends object>(value: T): Defined<T> {
  return Object.fromEntries(Object.entries(value).filter(([, item]) => item !== null)) as Defined<T>;
}
