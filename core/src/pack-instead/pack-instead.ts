import { said } from '../said';
import type { KitFacts } from '../kit';
import { dust, finding, notRecorded, told, type Finding } from '../verdict';
import type { PackInstead } from './contract';

/** A full cell, what it gives most of the way, and where its discharge ends unless its maker says otherwise, in V. */
const cellV = {
  nmc: { full: 4.2, nominal: 3.6, empty: 3 },
  lfp: { full: 3.65, nominal: 3.2, empty: 2.5 },
} as const;

/** How far the charger may be off the full pack, as a share [J]. */
const chargerPlay = 0.005;

/** The kit's own pack is drawn down to this share of its full voltage: so far the controller is known to run [J]. */
const drawnTo = 0.76;

/** Whether another pack than the kit's own feeds the bike. */
export function isOtherPack(pack: 'supplied' | 'reused' | 'substitute' | undefined): boolean {
  return pack === 'reused' || pack === 'substitute';
}

/** The pack charged full. */
export function fullV({ chemistry, cells }: Pick<PackInstead, 'chemistry' | 'cells'>): number {
  return Number((cells * cellV[chemistry].full).toFixed(2));
}

/** The pack at the end of its discharge: no controller may draw it lower. */
export function emptyV({ chemistry, cells, cutoffVPerCell }: PackInstead): number {
  return Number((cells * (cutoffVPerCell ?? cellV[chemistry].empty)).toFixed(2));
}

/**
 * Between which voltages the low cut-off of this pack belongs: under the least it is drawn too low, over the nominal voltage it
 * stops half full.
 *
 * @param pack - the pack, or the full voltage of the kit's own: its cells are taken for those that end highest
 */
export function lowCutRangeV(pack: PackInstead | number): { min: number; max: number } {
  const tenths = (volts: number) => Number(volts.toFixed(1));
  if (typeof pack === 'number') {
    const { full, nominal, empty } = cellV.nmc;
    return { min: tenths((pack * empty) / full), max: tenths((pack * nominal) / full) };
  }
  const min = emptyV(pack);
  return { min, max: Math.max(min, tenths(pack.cells * cellV[pack.chemistry].nominal)) };
}

/** The kit as it is with that pack: its voltage, mass, energy and price. */
export function kitWithPack(kit: KitFacts, pack: PackInstead): KitFacts {
  const { Wh, massKg, cost } = pack;
  return {
    ...kit,
    controller: { ...kit.controller, fullV: fullV(pack) },
    battery: { Wh, massKg, ...(cost !== undefined && { cost }) },
  };
}

/**
 * What another pack changes for the kit that it feeds: the controller's voltage and current, the low cut-off, the charger, its
 * room and its state. What is not known of it is not promised.
 *
 * @param kit - the kit as its maker sells it
 * @param speedFullKmh - how fast the wheel turns without load on the kit's own full voltage; null when nobody knows
 */
export function packFindings(pack: PackInstead, kit: KitFacts, speedFullKmh: number | null): Finding[] {
  return [
    conditionRule(pack),
    voltageRule(pack, kit),
    lowCutRule(pack, kit),
    currentRule(pack, kit),
    chargerRule(pack),
    speedRule(pack, kit, speedFullKmh),
    sizeRule(pack),
  ].filter((item): item is Finding => item !== null);
}

const asMade = [said('pack-instead.take-pack-of-kit-own-voltage')];

function conditionRule({ condition }: PackInstead): Finding {
  switch (condition) {
    case 'new':
      return told('pack-condition', 'goes', said('pack-instead.pack-is-new'));
    case 'used-sound':
      return told('pack-condition', 'work', said('pack-instead.pack-is-used-case-seals-and'), [
        said('pack-instead.measure-its-voltage-before-it-is'),
      ]);
    case 'damaged':
      return told('pack-condition', 'stop', said('pack-instead.pack-is-damaged-it-is-neither'), [
        said('pack-instead.give-it-to-people-who-are'),
      ]);
    default:
      return notRecorded('pack-condition', said('pack-instead.whether-pack-is-new-or-used'));
  }
}

function voltageRule(pack: PackInstead, { controller }: KitFacts): Finding {
  const full = fullV(pack);
  const most = Math.max(pack.controllerMaxV ?? 0, controller.fullV);
  const figures = { measured: full, limit: most, margin: most - full, unit: 'V' };
  if (full > most + dust) {
    const why = said('pack-instead.full-pack-has-controller-is-made', { full, most });
    return finding('controller-voltage', 'stop', why, figures, asMade);
  }
  const least = Number(Math.min(pack.controllerMinV ?? Infinity, drawnTo * controller.fullV).toFixed(2));
  if (full >= least - dust) {
    return finding(
      'controller-voltage',
      'goes',
      said('pack-instead.full-pack-has-controller-takes-it', { full }),
      figures,
    );
  }
  if (pack.controllerMinV !== undefined) {
    const why = said('pack-instead.full-pack-has-controller-asks-for', { full, least });
    return finding('controller-voltage', 'stop', why, { ...figures, limit: least, margin: full - least }, asMade);
  }
  const why = said('pack-instead.full-pack-has-far-below-that', { full, fullV: controller.fullV });
  return finding('controller-voltage', 'unknown', why, figures, [
    said('pack-instead.ask-maker-of-controller-for-lowest'),
  ]);
}

function lowCutRule(pack: PackInstead, { controller }: KitFacts): Finding {
  const empty = emptyV(pack);
  const { chemistry, cutoffVPerCell = Infinity } = pack;
  const sameCells = chemistry === 'nmc' && Math.abs(fullV(pack) - controller.fullV) < 0.3;
  if (sameCells && cutoffVPerCell <= cellV.nmc.empty)
    return told('low-cut', 'goes', said('pack-instead.its-cells-end-where-those-of'));
  return finding(
    'low-cut',
    'work',
    said('pack-instead.this-pack-is-empty-at-no', { empty }),
    { measured: empty, limit: empty, margin: 0, unit: 'V' },
    [said('pack-instead.set-low-cut-off-of-controller', { empty })],
  );
}

function currentRule({ continuousA }: PackInstead, { controller }: KitFacts): Finding {
  const { batteryA } = controller;
  if (continuousA === undefined)
    return notRecorded('battery-current', said('pack-instead.current-that-pack-gives-without-end'));
  if (batteryA === undefined) return notRecorded('battery-current', said('pack-instead.current-that-controller-draws'));
  const held = batteryA <= continuousA + dust;
  return finding(
    'battery-current',
    held ? 'goes' : 'stop',
    said('pack-instead.controller-draws-up-to-pack-gives', { batteryA, continuousA }),
    { measured: batteryA, limit: continuousA, margin: continuousA - batteryA, unit: 'A' },
    held ? [] : [said('pack-instead.set-controller-to-from-battery-at', { continuousA: Math.floor(continuousA) })],
  );
}

function chargerRule(pack: PackInstead): Finding {
  const full = fullV(pack);
  const { chargerV } = pack;
  if (chargerV === undefined) return notRecorded('charger', said('pack-instead.what-charger-charges-to-and-with'));
  const off = Math.abs(chargerV - full) / full;
  const held = off <= chargerPlay + dust;
  return finding(
    'charger',
    held ? 'goes' : 'stop',
    held
      ? said('pack-instead.charger-ends-at-as-this-pack', { chargerV })
      : said('pack-instead.charger-ends-at-this-pack-is', { chargerV, full }),
    { measured: chargerV, limit: full, margin: Number((chargerPlay * full - off * full).toFixed(6)), unit: 'V' },
    held ? [] : [said('pack-instead.charge-it-with-charger-of-its', { full })],
  );
}

function speedRule(
  pack: PackInstead,
  { assistedKmh, controller }: KitFacts,
  speedFullKmh: number | null,
): Finding | null {
  const share = fullV(pack) / controller.fullV;
  if (share >= 1 - dust) return null;
  if (speedFullKmh === null) return notRecorded('pack-speed', said('pack-instead.rpm-per-volt-of-motor-on'));
  const reaches = share * speedFullKmh;
  const held = reaches >= assistedKmh - dust;
  return finding(
    'pack-speed',
    held ? 'goes' : 'work',
    said('pack-instead.on-this-pack-wheel-turns-without', { reaches: Math.round(reaches), assistedKmh }),
    { measured: reaches, limit: assistedKmh, margin: reaches - assistedKmh, unit: 'km/h' },
    held ? [] : [said('pack-instead.tell-rider-it-assists-less-far')],
  );
}

function sizeRule({ sizeMm }: PackInstead): Finding {
  if (!sizeMm) return notRecorded('pack-size', said('pack-instead.size-of-pack'));
  const { length, width, height } = sizeMm;
  return told('pack-size', 'work', said('pack-instead.pack-is-not-kit-own-size', { length, width, height }), [
    said('pack-instead.offer-it-up-with-its-way'),
  ]);
}
