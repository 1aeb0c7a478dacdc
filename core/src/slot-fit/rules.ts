import { said, type Said } from '../said';
import { beyond, finding, measureAgain, notMeasured, type Finding } from '../verdict';
import { inWords, type SlotFacts } from './facts';
import { axleCentreMm, flatEngagedMm, relieveMm, rockAngleDeg } from './geometry';

/** Remedies that others act on: the seat is filed in the plan, the washer is put on the list. */
export const relieveSeat = 'slot-fit.relieve-seat-file-it-to-axle';
export const getCWasher = 'slot-fit.get-c-washer-of-at-most';

/** Carbon takes no motor, whatever else is measured. */
export function carbonRule(side: SlotFacts['side']): Finding | null {
  const where = side.material === 'carbon' ? 'dropout' : side.bladeMaterial === 'carbon' ? 'blade' : null;
  if (!where) return null;
  return finding('carbon', 'stop', said('slot-fit.is-carbon-motor-reaction-and-clamping', { where }), { unit: '' }, [
    said('shared.fit-motor-at-other-end-if'),
    said('shared.otherwise-mid-drive'),
  ]);
}

/** What the dropout is made of decides every other limit. */
export function materialRule({ side }: SlotFacts): Finding | null {
  return side.material
    ? null
    : finding('material', 'unknown', said('slot-fit.what-dropout-is-made-of-is'), { unit: '' }, [
        said('slot-fit.record-dropout-material-try-magnet'),
      ]);
}

/** The axle must go in; if it does not, may the slot be filed? */
export function widthRule(facts: SlotFacts): Finding {
  const { axle, side, limits, uncertaintyMm, filedMm } = facts;
  if (side.slotMinMm === undefined) return notMeasured('slot-width', said('slot-fit.slot-width'));
  const clearance = side.slotMinMm - axle.flatsMm;
  // What was filed before counts: a slot is not new because it was measured again.
  const fileMm = facts.fileMm === null ? null : Number((facts.fileMm + filedMm).toFixed(9));
  if (fileMm === null || fileMm === 0) {
    return finding(
      'slot-width',
      'goes',
      said('slot-fit.flats-go-in-slot-flats', { slotMinMm: side.slotMinMm, flatsMm: axle.flatsMm }),
      {
        measured: side.slotMinMm,
        limit: axle.flatsMm,
        margin: clearance,
      },
    );
  }
  if (!side.material) return notMeasured('slot-width', said('slot-fit.dropout-material'));
  const limit = limits.fileMm[side.material];
  const margin = limit - fileMm;
  const figures = { measured: fileMm, limit, margin };
  const over = beyond(margin, uncertaintyMm);
  if (facts.fileMm === 0 && over !== 'stop') {
    return finding(
      'slot-width',
      'work',
      said('slot-fit.flats-go-in-since-were-filed', { filedMm, material: inWords(side.material), limit }),
      figures,
      [said('slot-fit.fit-two-arms-filed-slot-keeps')],
    );
  }
  if (over === 'stop') {
    return finding(
      'slot-width',
      'stop',
      facts.fileMm === 0
        ? said('slot-fit.were-filed-off-this-slot-may', { filedMm, material: inWords(side.material), limit })
        : said('slot-fit.slot-is-under-flats-may-lose', {
            clearance: -clearance,
            material: inWords(side.material),
            limit,
            fileMm,
          }),
      figures,
      [said('slot-fit.take-axle-with-narrower-flats'), said('shared.fit-motor-at-other-end')],
    );
  }
  if (over === 'unknown') {
    return finding('slot-width', 'unknown', said('slot-fit.filing-is-at-limit-of', { fileMm, limit }), figures, [
      measureAgain,
    ]);
  }
  return finding(
    'slot-width',
    'work',
    said('slot-fit.slot-is-under-flats-may-lose-up', {
      clearance: -clearance,
      material: inWords(side.material),
      limit,
    }),
    figures,
    [said('slot-fit.file-in-all-half-on-each', { fileMm: facts.fileMm ?? 0 })],
  );
}

/** Only a plate that is thick enough may be filed. */
export function filingPlateRule({ side, limits, fileMm, filedMm, uncertaintyMm }: SlotFacts): Finding | null {
  if (!fileMm && !filedMm) return null;
  if (side.plateMm === undefined) return notMeasured('filing-plate', said('slot-fit.plate-thickness'));
  const margin = side.plateMm - limits.filePlateMinMm;
  const figures = { measured: side.plateMm, limit: limits.filePlateMinMm, margin };
  const over = beyond(margin, uncertaintyMm);
  if (over === 'stop') {
    return finding(
      'filing-plate',
      'stop',
      said('slot-fit.plate-is-filing-asks-for-at', { plateMm: side.plateMm, filePlateMinMm: limits.filePlateMinMm }),
      figures,
      [said('slot-fit.take-axle-with-narrower-flats'), said('shared.fit-motor-at-other-end')],
    );
  }
  if (over === 'unknown') {
    return finding('filing-plate', 'unknown', said('slot-fit.plate-is-at-limit-for-filing'), figures, [measureAgain]);
  }
  return finding(
    'filing-plate',
    'goes',
    said('slot-fit.plate-is-thick-enough-to-file', { plateMm: side.plateMm }),
    figures,
  );
}

/** How loose the flats are at the widest place, after any filing. */
export function playRule(facts: SlotFacts): Finding {
  const { axle, limits, regen, filedMaxMm, uncertaintyMm, fileMm } = facts;
  if (filedMaxMm === null) return notMeasured('slot-play', said('slot-fit.widest-place-of-slot'));
  const play = filedMaxMm - axle.flatsMm;
  if (filedMaxMm >= axle.threadMm) {
    return finding(
      'slot-play',
      'stop',
      said('slot-fit.slot-is-as-wide-as-axle'),
      { measured: filedMaxMm, limit: axle.threadMm, margin: axle.threadMm - filedMaxMm },
      [said('shared.fit-motor-at-other-end'), said('slot-fit.take-axle-with-wider-flats')],
    );
  }
  const margin = limits.playWorkMm - play;
  const over = beyond(margin, uncertaintyMm);
  const figures = { measured: play, limit: limits.playWorkMm, margin };
  if (over === 'stop') {
    return finding(
      'slot-play',
      'stop',
      said('slot-fit.flats-have-play-is-most', { play, playWorkMm: limits.playWorkMm }),
      figures,
      [said('slot-fit.fit-insert-in-slot-made-for')],
    );
  }
  if (over === 'unknown') {
    return finding('slot-play', 'unknown', said('slot-fit.play-is-at-limit', { play }), figures, [measureAgain]);
  }
  const goes = regen ? Math.min(limits.playRegenMm, limits.playGoesMm) : limits.playGoesMm;
  if (play > goes + 1e-9) {
    return finding(
      'slot-play',
      'work',
      regen && play <= limits.playGoesMm
        ? said('slot-fit.flats-have-play-and-motor-brakes', { play })
        : said('slot-fit.flats-have-play', { play }),
      { measured: play, limit: goes, margin: goes - play },
      [said('slot-fit.shim-slot'), said('shared.fit-arm-that-is-close-on')],
    );
  }
  const because = fileMm
    ? said('slot-fit.once-filed-flats-have-play', { play })
    : said('slot-fit.flats-have-play', { play });
  return finding('slot-play', 'goes', because, { measured: play, limit: goes, margin: goes - play });
}

/** How much of the flat the slot really holds. */
export function depthRule(facts: SlotFacts, centreMm: number | null, engagedMm: number | null): Finding {
  const { side, limits, chordMm, uncertaintyMm } = facts;
  if (side.depthMm === undefined || centreMm === null || engagedMm === null) {
    return notMeasured(
      'slot-depth',
      side.depthMm === undefined ? said('slot-fit.slot-depth') : said('slot-fit.slot-width'),
    );
  }
  const needed = centreMm + chordMm / 2 + limits.slotMouthMm;
  const figures = { measured: side.depthMm, limit: needed, margin: side.depthMm - needed };
  if (side.depthMm >= needed - 1e-9) {
    return finding(
      'slot-depth',
      'goes',
      said('slot-fit.slot-deep-holds-whole-flat', { depthMm: side.depthMm }),
      figures,
    );
  }
  const least = limits.flatEngagedShare * chordMm;
  const over = beyond(engagedMm - least, uncertaintyMm);
  const share = Math.round((100 * engagedMm) / chordMm);
  const relieve = relieveRemedy(facts, over === 'stop' ? least : chordMm);
  if (over === 'unknown') {
    return finding('slot-depth', 'unknown', said('slot-fit.slot-holds-of-flat-at-limit', { share }), figures, [
      measureAgain,
    ]);
  }
  const highMm = centreMm - facts.axle.threadMm / 2;
  const high = highMm > 0.01 ? said('slot-fit.axle-sits-high', { highMm }) : '';
  if (over === 'stop') {
    return finding(
      'slot-depth',
      'stop',
      said('slot-fit.slot-holds-of-flat-at-least', {
        share,
        flatEngagedShare: Math.round(100 * limits.flatEngagedShare),
        high,
      }),
      figures,
      [...relieve, said('shared.fit-motor-at-other-end')],
    );
  }
  return finding('slot-depth', 'work', said('slot-fit.slot-holds-of-flat', { share, high }), figures, [
    said('slot-fit.fit-two-arms'),
    ...relieve,
  ]);
}

/** The wheel moves with the axle: brakes and mudguard follow. */
export function shiftRule({ limits }: SlotFacts, shiftMm: number | null): Finding | null {
  if (shiftMm === null) return null;
  const figures = { measured: shiftMm, limit: limits.axleShiftMm, margin: limits.axleShiftMm - Math.abs(shiftMm) };
  if (Math.abs(shiftMm) <= limits.axleShiftMm) {
    return finding(
      'axle-shift',
      'goes',
      said('slot-fit.wheel-moves-against-old-one', { shiftMm: Math.abs(shiftMm) }),
      figures,
    );
  }
  const way = shiftMm > 0 ? 'out' : 'in';
  return finding(
    'axle-shift',
    'work',
    said('slot-fit.wheel-sits-against-old-one', { shiftMm: Math.abs(shiftMm), way }),
    figures,
    [said('slot-fit.reset-rim-pads-or-caliper-radially')],
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
    return { finding: notMeasured('lip', said('slot-fit.old-axle')), cWasher: null };
  }
  if (side.seatPartMm === undefined) {
    return { finding: notMeasured('lip', said('slot-fit.part-that-sits-inside-lip')), cWasher: null };
  }
  const radius = side.lip.diameterMm / 2;
  const room = radius - limits.lipRoomMm - (side.seatPartMm / 2 + Math.abs(shiftMm));
  const figures = { measured: side.seatPartMm / 2 + Math.abs(shiftMm), limit: radius - limits.lipRoomMm, margin: room };
  const over = beyond(room, facts.uncertaintyMm);
  if (over === null) {
    return { finding: finding('lip', 'goes', said('slot-fit.nut-seats-inside-retaining-lip'), figures), cWasher: null };
  }
  const cWasher = bestCWasher(facts, Math.abs(shiftMm));
  if (cWasher) {
    return {
      finding: finding(
        'lip',
        'work',
        said('slot-fit.nut-would-stand-on-retaining-lip', { diameterMm: side.lip.diameterMm }),
        figures,
        [said('slot-fit.fill-recess-with-c-washer', { outerMm: cWasher.outerMm, thicknessMm: cWasher.thicknessMm })],
      ),
      cWasher,
    };
  }
  if (over === 'unknown') {
    const because = said('slot-fit.nut-is-within-uncertainty-of-standing');
    return { finding: finding('lip', 'unknown', because, figures, [measureAgain]), cWasher: null };
  }
  const relieved = Math.abs(axle.threadMm / 2 - side.oldAxleMm / 2);
  const reliefHelps =
    relieveRemedy(facts).length > 0 &&
    (side.seatPartMm / 2 + relieved <= radius - limits.lipRoomMm || bestCWasher(facts, relieved) !== null);
  const most = 2 * (radius - limits.cWasherRoomMm - Math.abs(shiftMm));
  const buy = said(getCWasher, {
    most,
    depthMm: side.lip.depthMm,
    depthMm2: side.lip.depthMm + limits.cWasherOverMm,
  });
  const wide = most >= axle.threadMm + 2 * limits.cWasherRingMm;
  return {
    finding: finding(
      'lip',
      reliefHelps ? 'work' : 'stop',
      said('slot-fit.nut-would-stand-on-retaining-lip-and'),
      figures,
      wide || reliefHelps
        ? [...(wide ? [buy] : []), ...(reliefHelps ? relieveRemedy(facts) : [])]
        : [said('slot-fit.take-wheel-whose-nut-seats-inside'), said('shared.fit-motor-at-other-end')],
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
function relieveRemedy(facts: SlotFacts, leastMm = 0): Said[] {
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
  return allowed ? [said(relieveSeat, { off })] : [];
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
