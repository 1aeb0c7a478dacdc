import { finding, notMeasured, told, type Finding } from '../verdict';
import type { BatteryBayInput, BayInstead, ChosenBay } from './contract';

/** Figures that differ by more have a chance of one in a hundred to belong to one frame. */
const mostMisfit = 9.2;
/** What one fixing holds, at most half of it. */
const heavyKg = 3;
const besideCrankMm = 5;
const besideKneeMm = 10;
const dust = 1e-6;

export function misfitFinding(misfit: number): Finding {
  if (misfit <= mostMisfit + dust) {
    return finding('misfit', 'goes', 'The tubes as measured make one frame.', {
      measured: misfit,
      limit: mostMisfit,
      unit: '',
    });
  }
  return finding(
    'misfit',
    'unknown',
    'The tubes as measured do not make one frame: a length or an angle is wrong.',
    { measured: misfit, limit: mostMisfit, margin: mostMisfit - misfit, unit: '' },
    ['Measure again: each tube from inside corner to inside corner, and its angle.'],
  );
}

/** How the battery is held. */
export function fixingFindings({ battery, tube }: BatteryBayInput, chosen: ChosenBay): Finding[] {
  const fixings = chosen.fixing === 'bolted' ? chosen.bossesMm.length : 2;
  const heavy = battery.massKg > heavyKg + dust && fixings <= 2;
  return [
    fixingFinding(chosen, tube),
    ...(heavy
      ? [
          finding(
            'third-fixing',
            'work',
            `${battery.massKg} kg hang on two fixings.`,
            { measured: battery.massKg, limit: heavyKg, margin: heavyKg - battery.massKg, unit: 'kg' },
            ['Add a third fixing, as a band round tube and battery.'],
          ),
        ]
      : []),
  ];
}

function fixingFinding({ fixing, bossesMm }: ChosenBay, tube: string): Finding {
  switch (fixing) {
    case 'bolted':
      return told('fixing', 'goes', `The rail is bolted to ${bossesMm.length} bosses of the ${tube} tube.`);
    case 'boss-band':
      return told('fixing', 'work', `One boss of the ${tube} tube lies under a slot of the rail.`, [
        'Bolt the rail there and hold its far end with a band round the tube.',
      ]);
    case 'bands':
      return told('fixing', 'work', `The rail is bolted to no boss of the ${tube} tube.`, [
        'Hold it with two bands that cannot slip, or with a plate made for the tube.',
      ]);
  }
}

/** The battery beside the cranks and between the knees. */
export function widthFindings({ battery, pedal, key }: BatteryBayInput): Finding[] {
  const half = battery.widthMm / 2;
  const beside = (id: string, what: string, needMm: number, roomMm: number): Finding =>
    finding(
      id,
      needMm <= roomMm + dust ? 'goes' : 'stop',
      needMm <= roomMm + dust ? `The battery passes ${what}.` : `The battery is too wide for ${what}.`,
      { measured: needMm, limit: roomMm, margin: roomMm - needMm },
      needMm <= roomMm + dust ? [] : ['Take a narrower battery, or carry it elsewhere.'],
    );
  const cranks = pedal
    ? beside('width.cranks', 'the cranks', half + besideCrankMm, pedal.qFactorMm / 2 - (pedal.crankThicknessMm ?? 15))
    : notMeasured('width.cranks', 'The distance between the outer faces of the cranks');
  if (pedal?.kneeMm === undefined) {
    return [cranks, notMeasured('width.knees', 'The room between the rider’s knees'), ...(key ? [keyUnknown] : [])];
  }
  const kneeMm = pedal.kneeMm / 2;
  return [
    cranks,
    beside('width.knees', 'the knees', half + besideKneeMm, kneeMm),
    ...(key ? [keyFinding(half + (key.proudMm ?? 20) + besideKneeMm, kneeMm)] : []),
  ];
}

const keyUnknown = notMeasured('key', 'The room between the rider’s knees where the key stands out');

function keyFinding(needMm: number, roomMm: number): Finding {
  const figures = { measured: needMm, limit: roomMm, margin: roomMm - needMm };
  return needMm <= roomMm + dust
    ? finding('key', 'goes', 'The key stands clear of the knee.', figures)
    : finding('key', 'work', 'The key in its lock is in the way of a knee.', figures, ['Ride with the key out.']);
}

/** No position, or none that could be held. */
export function noPlace(isFree: boolean, missing: { lengthMm?: number; heightMm?: number } | null): Finding {
  if (isFree) {
    return told('place', 'stop', 'Where the battery has room nothing holds its rail.', []);
  }
  const ways = [
    ...(missing?.lengthMm ? [`${missing.lengthMm} mm shorter`] : []),
    ...(missing?.heightMm ? [`${missing.heightMm} mm lower`] : []),
  ];
  const isRail = missing !== null && (missing.lengthMm === 0 || missing.heightMm === 0);
  const because = isRail
    ? 'The battery has room by itself: its rail is in the way.'
    : `The battery has no room here${ways.length ? `: it would have to be ${ways.join(' or ')}` : ''}.`;
  return finding('place', 'stop', because, { measured: missing?.lengthMm ?? missing?.heightMm ?? null, limit: 0 });
}

const insteadWords: Record<BayInstead, [because: string, remedy: string]> = {
  'other-tube': [
    'On the other tube of the frame the same battery has its place.',
    'Move it there and look at it again.',
  ],
  'shorter-pack': ['A smaller battery would have its place here.', 'Take one that is smaller by what is missing.'],
  rack: [
    'A battery on the rack needs no room in the frame.',
    'Look at the rating of the rack and its fixing points, and strap the battery for three times its weight.',
  ],
  bag: ['A bag carries a battery where no rail can.', 'Take one that closes, padded, hung where nothing turns.'],
};

export function insteadFinding(instead: BayInstead): Finding {
  const [because, remedy] = insteadWords[instead];
  return told(`instead.${instead}`, 'work', because, [remedy]);
}
