import { inMm } from '../figures';
import { beyond, finding, measureAgain, notMeasured, type Finding } from '../verdict';
import { inWords, type SlotFacts } from './facts';
import { axleCentreMm, flatEngagedMm, relieveMm, rockAngleDeg } from './geometry';

/** Carbon takes no motor, whatever else is measured. */
export function carbonRule(side: SlotFacts['side']): Finding | null {
  const where = side.material === 'carbon' ? 'dropout' : side.bladeMaterial === 'carbon' ? 'blade' : null;
  if (!where) return null;
  return finding(
    'carbon',
    'stop',
    `The ${where} is carbon: a motor's reaction and clamping crush and split it, at any clearance.`,
    { unit: '' },
    ['Fit the motor at the other end if that is metal.', 'Otherwise a mid drive.'],
  );
}

/** What the dropout is made of decides every other limit. */
export function materialRule({ side }: SlotFacts): Finding | null {
  return side.material
    ? null
    : finding('material', 'unknown', 'What the dropout is made of is not recorded.', { unit: '' }, [
        'Record the dropout material (try a magnet).',
      ]);
}

/** The axle must go in; if it does not, may the slot be filed? */
export function widthRule(facts: SlotFacts): Finding {
  const { axle, side, limits, uncertaintyMm, filedMm } = facts;
  if (side.slotMinMm === undefined) return notMeasured('slot-width', 'The slot width');
  const clearance = side.slotMinMm - axle.flatsMm;
  // What was filed before counts: a slot is not new because it was measured again.
  const fileMm = facts.fileMm === null ? null : Number((facts.fileMm + filedMm).toFixed(9));
  if (fileMm === null || fileMm === 0) {
    return finding(
      'slot-width',
      'goes',
      `The flats go in: slot ${inMm(side.slotMinMm)}, flats ${inMm(axle.flatsMm)}.`,
      {
        measured: side.slotMinMm,
        limit: axle.flatsMm,
        margin: clearance,
      },
    );
  }
  if (!side.material) return notMeasured('slot-width', 'The dropout material');
  const limit = limits.fileMm[side.material];
  const margin = limit - fileMm;
  const figures = { measured: fileMm, limit, margin };
  const over = beyond(margin, uncertaintyMm);
  if (facts.fileMm === 0 && over !== 'stop') {
    return finding(
      'slot-width',
      'work',
      `The flats go in since ${inMm(filedMm)} were filed off; ${inWords(side.material)} may lose up to ${inMm(limit)}.`,
      figures,
      ['Fit two arms: a filed slot keeps them.'],
    );
  }
  if (over === 'stop') {
    return finding(
      'slot-width',
      'stop',
      facts.fileMm === 0
        ? `${inMm(filedMm)} were filed off this slot; ${inWords(side.material)} may lose ${inMm(limit)}.`
        : `The slot is ${inMm(-clearance)} under the flats; ${inWords(side.material)} may lose ${inMm(limit)}, not ${inMm(fileMm)}.`,
      figures,
      ['Take an axle with narrower flats.', 'Fit the motor at the other end.'],
    );
  }
  if (over === 'unknown') {
    return finding('slot-width', 'unknown', `Filing ${inMm(fileMm)} is at the limit of ${inMm(limit)}.`, figures, [
      measureAgain,
    ]);
  }
  return finding(
    'slot-width',
    'work',
    `The slot is ${inMm(-clearance)} under the flats; ${inWords(side.material)} may lose up to ${inMm(limit)}.`,
    figures,
    [`File ${inMm(facts.fileMm ?? 0)} in all, half on each wall, then two arms.`],
  );
}

/** Only a plate that is thick enough may be filed. */
export function filingPlateRule({ side, limits, fileMm, filedMm, uncertaintyMm }: SlotFacts): Finding | null {
  if (!fileMm && !filedMm) return null;
  if (side.plateMm === undefined) return notMeasured('filing-plate', 'The plate thickness');
  const margin = side.plateMm - limits.filePlateMinMm;
  const figures = { measured: side.plateMm, limit: limits.filePlateMinMm, margin };
  const over = beyond(margin, uncertaintyMm);
  if (over === 'stop') {
    return finding(
      'filing-plate',
      'stop',
      `The plate is ${inMm(side.plateMm)}; filing asks for at least ${inMm(limits.filePlateMinMm)}.`,
      figures,
      ['Take an axle with narrower flats.', 'Fit the motor at the other end.'],
    );
  }
  if (over === 'unknown') {
    return finding('filing-plate', 'unknown', 'The plate is at the limit for filing.', figures, [measureAgain]);
  }
  return finding('filing-plate', 'goes', `The plate, ${inMm(side.plateMm)}, is thick enough to file.`, figures);
}

/** How loose the flats are at the widest place, after any filing. */
export function playRule(facts: SlotFacts): Finding {
  const { axle, limits, regen, filedMaxMm, uncertaintyMm, fileMm } = facts;
  if (filedMaxMm === null) return notMeasured('slot-play', 'The widest place of the slot');
  const play = filedMaxMm - axle.flatsMm;
  if (filedMaxMm >= axle.threadMm) {
    return finding(
      'slot-play',
      'stop',
      `The slot is as wide as the axle's thread: the axle spins free in it.`,
      { measured: filedMaxMm, limit: axle.threadMm, margin: axle.threadMm - filedMaxMm },
      ['Fit the motor at the other end.', 'Take an axle with wider flats.'],
    );
  }
  const margin = limits.playWorkMm - play;
  const over = beyond(margin, uncertaintyMm);
  const figures = { measured: play, limit: limits.playWorkMm, margin };
  if (over === 'stop') {
    return finding(
      'slot-play',
      'stop',
      `The flats have ${inMm(play)} play; ${inMm(limits.playWorkMm)} is the most.`,
      figures,
      ['Fit an insert in the slot made for this axle.'],
    );
  }
  if (over === 'unknown') {
    return finding('slot-play', 'unknown', `The play, ${inMm(play)}, is at the limit.`, figures, [measureAgain]);
  }
  const goes = regen ? Math.min(limits.playRegenMm, limits.playGoesMm) : limits.playGoesMm;
  if (play > goes + 1e-9) {
    return finding(
      'slot-play',
      'work',
      regen && play <= limits.playGoesMm
        ? `The flats have ${inMm(play)} play, and the motor brakes: the axle would rock to and fro.`
        : `The flats have ${inMm(play)} play.`,
      { measured: play, limit: goes, margin: goes - play },
      ['Shim the slot.', 'Fit an arm that is close on the flats.'],
    );
  }
  const because = fileMm ? `Once filed the flats have ${inMm(play)} play.` : `The flats have ${inMm(play)} play.`;
  return finding('slot-play', 'goes', because, { measured: play, limit: goes, margin: goes - play });
}

/** How much of the flat the slot really holds. */
export function depthRule(facts: SlotFacts, centreMm: number | null, engagedMm: number | null): Finding {
  const { side, limits, chordMm, uncertaintyMm } = facts;
  if (side.depthMm === undefined || centreMm === null || engagedMm === null) {
    return notMeasured('slot-depth', side.depthMm === undefined ? 'The slot depth' : 'The slot width');
  }
  const needed = centreMm + chordMm / 2 + limits.slotMouthMm;
  const figures = { measured: side.depthMm, limit: needed, margin: side.depthMm - needed };
  if (side.depthMm >= needed - 1e-9) {
    return finding('slot-depth', 'goes', `The slot, ${inMm(side.depthMm)} deep, holds the whole flat.`, figures);
  }
  const least = limits.flatEngagedShare * chordMm;
  const over = beyond(engagedMm - least, uncertaintyMm);
  const share = Math.round((100 * engagedMm) / chordMm);
  const relieve = relieveRemedy(facts, over === 'stop' ? least : chordMm);
  if (over === 'unknown') {
    return finding('slot-depth', 'unknown', `The slot holds ${share} % of the flat, at the limit.`, figures, [
      measureAgain,
    ]);
  }
  const high =
    centreMm > facts.axle.threadMm / 2 + 0.01
      ? ` The axle sits ${inMm(centreMm - facts.axle.threadMm / 2)} high in the round seat.`
      : '';
  if (over === 'stop') {
    return finding(
      'slot-depth',
      'stop',
      `The slot holds ${share} % of the flat; at least ${Math.round(100 * limits.flatEngagedShare)} % is needed.${high}`,
      figures,
      [...relieve, 'Fit the motor at the other end.'],
    );
  }
  return finding('slot-depth', 'work', `The slot holds ${share} % of the flat.${high}`, figures, [
    'Fit two arms.',
    ...relieve,
  ]);
}

/** The wheel moves with the axle: brakes and mudguard follow. */
export function shiftRule({ limits }: SlotFacts, shiftMm: number | null): Finding | null {
  if (shiftMm === null) return null;
  const figures = { measured: shiftMm, limit: limits.axleShiftMm, margin: limits.axleShiftMm - Math.abs(shiftMm) };
  if (Math.abs(shiftMm) <= limits.axleShiftMm) {
    return finding('axle-shift', 'goes', `The wheel moves ${inMm(Math.abs(shiftMm))} against the old one.`, figures);
  }
  const way = shiftMm > 0 ? 'out of the slot' : 'deeper';
  return finding(
    'axle-shift',
    'work',
    `The wheel sits ${inMm(Math.abs(shiftMm))} ${way} against the old one.`,
    figures,
    ['Reset rim pads or caliper radially, check the mudguard.'],
  );
}

/** A nut or washer must not stand on the retaining lip. */
export function lipRule(
  facts: SlotFacts,
  shiftMm: number | null,
): { finding: Finding; cWasher: { outerMm: number; thicknessMm: number } | null } | null {
  const { side, limits, axle } = facts;
  if (!side.lip) return null;
  if (shiftMm === null || side.oldAxleMm === undefined) {
    return { finding: notMeasured('lip', 'The old axle'), cWasher: null };
  }
  if (side.seatPartMm === undefined) {
    return { finding: notMeasured('lip', 'The part that sits inside the lip'), cWasher: null };
  }
  const radius = side.lip.diameterMm / 2;
  const room = radius - limits.lipRoomMm - (side.seatPartMm / 2 + Math.abs(shiftMm));
  const figures = { measured: side.seatPartMm / 2 + Math.abs(shiftMm), limit: radius - limits.lipRoomMm, margin: room };
  const over = beyond(room, facts.uncertaintyMm);
  if (over === null) {
    return { finding: finding('lip', 'goes', 'The nut seats inside the retaining lip.', figures), cWasher: null };
  }
  const cWasher = bestCWasher(facts, Math.abs(shiftMm));
  if (cWasher) {
    return {
      finding: finding(
        'lip',
        'work',
        `The nut would stand on the retaining lip (recess ${inMm(side.lip.diameterMm)}).`,
        figures,
        [`Fill the recess with the C-washer ${inMm(cWasher.outerMm)} × ${inMm(cWasher.thicknessMm)}.`],
      ),
      cWasher,
    };
  }
  if (over === 'unknown') {
    const because = 'The nut is within the uncertainty of standing on the retaining lip.';
    return { finding: finding('lip', 'unknown', because, figures, [measureAgain]), cWasher: null };
  }
  const relieved = Math.abs(axle.threadMm / 2 - side.oldAxleMm / 2);
  const reliefHelps =
    relieveRemedy(facts).length > 0 &&
    (side.seatPartMm / 2 + relieved <= radius - limits.lipRoomMm || bestCWasher(facts, relieved) !== null);
  const most = 2 * (radius - limits.cWasherRoomMm - Math.abs(shiftMm));
  const buy = `Get a C-washer of at most ${inMm(most)} across, ${inMm(side.lip.depthMm)} to ${inMm(side.lip.depthMm + limits.cWasherOverMm)} thick.`;
  const wide = most >= axle.threadMm + 2 * limits.cWasherRingMm;
  return {
    finding: finding(
      'lip',
      reliefHelps ? 'work' : 'stop',
      'The nut would stand on the retaining lip, and no C-washer in the stores fills it.',
      figures,
      wide || reliefHelps
        ? [...(wide ? [buy] : []), ...(reliefHelps ? relieveRemedy(facts) : [])]
        : ['Take a wheel whose nut seats inside the lip.', 'Fit the motor at the other end.'],
    ),
    cWasher: null,
  };
}

function bestCWasher(facts: SlotFacts, shiftMm: number) {
  const { lip } = facts.side;
  if (!lip) return null;
  const { cWasherRoomMm, cWasherOverMm, cWasherRingMm } = facts.limits;
  const fitting = facts.cWashers
    .filter(
      (washer) =>
        washer.count > 0 &&
        // Narrower than this ring the nut has nothing to bear on.
        washer.outerMm >= facts.axle.threadMm + 2 * cWasherRingMm - 1e-9 &&
        washer.outerMm / 2 + shiftMm <= lip.diameterMm / 2 - cWasherRoomMm + 1e-9 &&
        washer.thicknessMm >= lip.depthMm - 1e-9 &&
        washer.thicknessMm <= lip.depthMm + cWasherOverMm + 1e-9,
    )
    // The widest bears best; of equal ones the thinnest leaves most thread.
    .sort((a, b) => b.outerMm - a.outerMm || a.thicknessMm - b.thicknessMm);
  const best = fitting[0];
  return best ? { outerMm: best.outerMm, thicknessMm: best.thicknessMm } : null;
}

/**
 * Filing the seat to the axle's round, where material and plate allow it and the axle then sits as deep as it must.
 *
 * @param leastMm - flat that must be engaged afterwards; any when left out
 */
function relieveRemedy(facts: SlotFacts, leastMm = 0): string[] {
  const { axle, side, limits, fileMm, filedMm, filedMinMm, chordMm } = facts;
  if ((side.seat ?? 'round') !== 'round' || !side.material || filedMinMm === null) return [];
  if (axleCentreMm(axle.threadMm, axle.flatsMm, filedMinMm, 'round') <= axle.threadMm / 2) return [];
  const deep =
    side.depthMm !== undefined &&
    flatEngagedMm(chordMm, side.depthMm, limits.slotMouthMm, axle.threadMm / 2) >= leastMm - 1e-9;
  if (leastMm > 0 && !deep) return [];
  const off = relieveMm(axle.threadMm, axle.flatsMm, filedMinMm);
  const all = off + (fileMm ?? 0) + filedMm;
  const allowed = all <= limits.fileMm[side.material] && (side.plateMm ?? 0) >= limits.filePlateMinMm;
  return allowed ? [`Relieve the seat: file it to the axle's round (${inMm(off)} in all), then two arms.`] : [];
}

/** Flats engaged with this seat, or null until width and depth are measured. */
export function engagement(facts: SlotFacts): { centreMm: number | null; engagedMm: number | null } {
  const { axle, side, limits, chordMm, filedMinMm } = facts;
  if (filedMinMm === null) return { centreMm: null, engagedMm: null };
  const centreMm = axleCentreMm(axle.threadMm, axle.flatsMm, filedMinMm, side.seat ?? 'round');
  const engagedMm =
    side.depthMm === undefined ? null : flatEngagedMm(chordMm, side.depthMm, limits.slotMouthMm, centreMm);
  return { centreMm, engagedMm };
}

/** The angle until the flats bear, told but not judged. */
export function rock({ axle, filedMaxMm }: SlotFacts): number | null {
  return filedMaxMm === null ? null : rockAngleDeg(axle.threadMm, axle.flatsMm, filedMaxMm);
}
