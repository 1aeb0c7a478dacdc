import { listed, said, type Said } from '../said';
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
    return finding('misfit', 'goes', said('battery-bay.tubes-as-measured-make-one-frame'), {
      measured: misfit,
      limit: mostMisfit,
      unit: '',
    });
  }
  return finding(
    'misfit',
    'unknown',
    said('battery-bay.tubes-as-measured-do-not-make'),
    { measured: misfit, limit: mostMisfit, margin: mostMisfit - misfit, unit: '' },
    [said('battery-bay.measure-again-each-tube-from-inside')],
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
            said('battery-bay.hang-on-two-fixings', { massKg: battery.massKg }),
            { measured: battery.massKg, limit: heavyKg, margin: heavyKg - battery.massKg, unit: 'kg' },
            [said('battery-bay.add-third-fixing-as-band-round')],
          ),
        ]
      : []),
  ];
}

function fixingFinding({ fixing, bossesMm }: ChosenBay, tube: string): Finding {
  switch (fixing) {
    case 'bolted':
      return told(
        'fixing',
        'goes',
        said('battery-bay.rail-is-bolted-to-bosses-of', { bossesMm: bossesMm.length, tube }),
      );
    case 'boss-band':
      return told('fixing', 'work', said('battery-bay.one-boss-of-tube-lies-under', { tube }), [
        said('battery-bay.bolt-rail-there-and-hold-its'),
      ]);
    case 'bands':
      return told('fixing', 'work', said('battery-bay.rail-is-bolted-to-no-boss', { tube }), [
        said('battery-bay.hold-it-with-two-bands-that'),
      ]);
  }
}

/** The battery beside the cranks and between the knees. */
export function widthFindings({ battery, pedal, key }: BatteryBayInput): Finding[] {
  const half = battery.widthMm / 2;
  const beside = (id: string, what: Said, needMm: number, roomMm: number): Finding =>
    finding(
      id,
      needMm <= roomMm + dust ? 'goes' : 'stop',
      needMm <= roomMm + dust
        ? said('battery-bay.battery-passes', { what })
        : said('battery-bay.battery-is-too-wide-for', { what }),
      { measured: needMm, limit: roomMm, margin: roomMm - needMm },
      needMm <= roomMm + dust ? [] : [said('battery-bay.take-narrower-battery-or-carry-it')],
    );
  const cranks = pedal
    ? beside(
        'width.cranks',
        said('battery-bay.cranks'),
        half + besideCrankMm,
        pedal.qFactorMm / 2 - (pedal.crankThicknessMm ?? 15),
      )
    : notMeasured('width.cranks', said('battery-bay.distance-between-outer-faces-of-cranks'));
  if (pedal?.kneeMm === undefined) {
    return [
      cranks,
      notMeasured('width.knees', said('battery-bay.room-between-rider-knees')),
      ...(key ? [keyUnknown] : []),
    ];
  }
  const kneeMm = pedal.kneeMm / 2;
  return [
    cranks,
    beside('width.knees', said('battery-bay.knees'), half + besideKneeMm, kneeMm),
    ...(key ? [keyFinding(half + (key.proudMm ?? 20) + besideKneeMm, kneeMm)] : []),
  ];
}

const keyUnknown = notMeasured('key', said('battery-bay.room-between-rider-knees-where-key'));

function keyFinding(needMm: number, roomMm: number): Finding {
  const figures = { measured: needMm, limit: roomMm, margin: roomMm - needMm };
  return needMm <= roomMm + dust
    ? finding('key', 'goes', said('battery-bay.key-stands-clear-of-knee'), figures)
    : finding('key', 'work', said('battery-bay.key-in-its-lock-is-in'), figures, [
        said('battery-bay.ride-with-key-out'),
      ]);
}

/** No position, or none that could be held. */
export function noPlace(isFree: boolean, missing: { lengthMm?: number; heightMm?: number } | null): Finding {
  if (isFree) {
    return told('place', 'stop', said('battery-bay.where-battery-has-room-nothing-holds'), []);
  }
  const ways = [
    ...(missing?.lengthMm ? [said('battery-bay.shorter', { lengthMm: missing.lengthMm })] : []),
    ...(missing?.heightMm ? [said('battery-bay.lower', { heightMm: missing.heightMm })] : []),
  ];
  const isRail = missing !== null && (missing.lengthMm === 0 || missing.heightMm === 0);
  const because = isRail
    ? said('battery-bay.battery-has-room-by-itself-its')
    : said('battery-bay.battery-has-no-room-here', {
        waysPart: ways.length ? said('battery-bay.it-would-have-to-be', { ways: listed(ways, 'or') }) : '',
      });
  return finding('place', 'stop', because, { measured: missing?.lengthMm ?? missing?.heightMm ?? null, limit: 0 });
}

const insteadWords: Record<BayInstead, [because: Said, remedy: Said]> = {
  'other-tube': [said('battery-bay.on-other-tube-of-frame-same'), said('battery-bay.move-it-there-and-look-at')],
  'shorter-pack': [
    said('battery-bay.smaller-battery-would-have-its-place'),
    said('battery-bay.take-one-that-is-smaller-by'),
  ],
  rack: [said('battery-bay.battery-on-rack-needs-no-room'), said('battery-bay.look-at-rating-of-rack-and')],
  bag: [said('battery-bay.bag-carries-battery-where-no-rail'), said('battery-bay.take-one-that-closes-padded-hung')],
};

export function insteadFinding(instead: BayInstead): Finding {
  const [because, remedy] = insteadWords[instead];
  return told(`instead.${instead}`, 'work', because, [remedy]);
}
