import { said, type Said } from '../said';
import { finding, told, type Finding } from '../verdict';
import type { Connector, Fuse, Lead, PathElement, PowerPathInput, SolvedPath, Switch } from './contract';
import { dropGoesPercent, dropWorkPercent, dust, fullVPerCell, onBatterySide } from './solve-path';

/** Above this a contact that closes on a charged controller burns [J]. */
const sparkAboveV = 45;
/** Ceilings per cell to which packs are charged. */
const nmcCeilingsV = [4.2, 4.15, 4.1, 4.05, 4];
const chargerTolerance = 0.005;

const ofKind = <K extends PathElement['kind']>(chain: readonly PathElement[], kind: K) =>
  chain.filter((element): element is Extract<PathElement, { kind: K }> => element.kind === kind);

const round = (value: number) => Number(value.toFixed(value < 10 ? 2 : 1));

interface Asked {
  input: PowerPathInput;
  path: SolvedPath;
  limitA: number | null;
}

/** Every rule of the power path; null where it does not apply. */
export const pathRules: readonly ((asked: Asked) => Finding | null)[] = [
  batteryCurrent,
  elementCurrent,
  drop,
  fuse,
  dcVoltage,
  fuseBreak,
  isolation,
  spark,
  metals,
  controllerVoltage,
  lowCut,
  charger,
  plug,
  accessory,
  barePack,
];

function batteryCurrent({ input: { battery }, path: { currentA }, limitA }: Asked): Finding {
  const { continuousA, peakA } = battery;
  const verdict = currentA <= continuousA + dust ? 'goes' : currentA <= peakA + dust ? 'work' : 'stop';
  const limit = verdict === 'goes' ? continuousA : verdict === 'work' ? continuousA : peakA;
  const figures = { measured: currentA, limit, margin: limit - currentA, unit: 'A' };
  const words = said('power-path.pack-gives-for-long-and-for', { continuousA, peakA, currentA });
  return finding(
    'battery-current',
    verdict,
    words,
    figures,
    verdict === 'goes' ? [] : [setTo(limitA, said('power-path.stronger-pack'))],
  );
}

function setTo(limitA: number | null, otherwise: Said): Said {
  return limitA === null
    ? said('power-path.take', { otherwise })
    : said('power-path.set-controller-to-or-take', { limitA, otherwise });
}

function elementCurrent({ path: { elements }, limitA }: Asked): Finding | null {
  const rated = elements.filter(({ marginA }) => marginA !== null);
  if (rated.length === 0) return null;
  const worst = rated.reduce((least, next) => (next.marginA! < least.marginA! ? next : least));
  const over = worst.marginA! < -dust;
  const figures = { measured: worst.loadA, limit: worst.ratedA, margin: worst.marginA, unit: 'A' };
  const where = { kind: said(`power-path.${worst.kind}`), at: worst.index + 1, of: elements.length };
  return over
    ? finding(
        'element-current',
        'stop',
        said('power-path.carries-flow', { ...where, ratedA: worst.ratedA!, loadA: worst.loadA }),
        figures,
        [
          worst.kind === 'phase'
            ? said('power-path.take-thicker-motor-leads')
            : setTo(limitA, said(`power-path.stronger-${worst.kind}`)),
        ],
      )
    : finding('element-current', 'goes', said('power-path.every-element-carries-what-flows-least', where), figures);
}

function drop({ path: { dropV, dropPercent }, limitA }: Asked): Finding {
  const verdict =
    dropPercent <= dropGoesPercent + dust ? 'goes' : dropPercent <= dropWorkPercent + dust ? 'work' : 'stop';
  const limit = verdict === 'stop' ? dropWorkPercent : dropGoesPercent;
  const figures = { measured: dropPercent, limit, margin: limit - dropPercent, unit: '%' };
  const words = said('power-path.leads-lose-of-empty-pack', { dropV, dropPercent: round(dropPercent) });
  return finding(
    'drop',
    verdict,
    words,
    figures,
    verdict === 'goes' ? [] : [setTo(limitA, said('power-path.thicker-or-shorter-leads'))],
  );
}

function fuse({ input: { chain }, path: { fuseA, fuseWindowA, elements } }: Asked): Finding {
  const { min, max } = fuseWindowA;
  const fuses = ofKind(chain, 'fuse');
  const window = { min, max };
  const weakest = elements
    .filter(({ kind }) => kind === 'lead' || kind === 'connector' || kind === 'switch')
    .reduce<(typeof elements)[number] | null>(
      (least, next) => (!least || next.ratedA! < least.ratedA! ? next : least),
      null,
    );
  const noSize = weakest
    ? said('power-path.no-fuse-fits-thicken', { kind: said(`power-path.${weakest.kind}`), at: weakest.index + 1 })
    : said('power-path.no-fuse-fits');
  const over = fuses.find(({ A: size }) => size > max + dust);
  if (over) {
    const figures = { measured: over.A, limit: max, margin: max - over.A, unit: 'A' };
    const remedy = fuseA === null ? noSize : said('power-path.take-fuse-of', { fuseA });
    return finding(
      'fuse',
      'stop',
      said('power-path.one-of-blows-after-what-it', { ...window, fuseA: over.A }),
      figures,
      [remedy],
    );
  }
  const under = fuses.find(({ A: size }) => size < min - dust);
  if (!under && fuses.length > 0) return told('fuse', 'goes', said('power-path.it-is-there', window));
  const because = under
    ? said('power-path.one-of-blows-on-hill', { ...window, fuseA: under.A })
    : said('power-path.there-is-none', window);
  const figures = under ? { measured: under.A, limit: min, margin: under.A - min, unit: 'A' } : { unit: 'A' };
  return fuseA === null
    ? finding('fuse', 'stop', because, figures, [noSize])
    : finding('fuse', 'work', because, figures, [said('power-path.fit-fuse-of-close-to-pack', { fuseA })]);
}

const ratedForVolts = (chain: readonly PathElement[]): (Fuse | Switch | Connector)[] => [
  ...ofKind(chain, 'fuse'),
  ...ofKind(chain, 'switch'),
  ...ofKind(chain, 'connector'),
];

function dcVoltage({ input: { chain }, path: { fullV } }: Asked): Finding | null {
  const parts = ratedForVolts(chain);
  if (parts.length === 0) return null;
  const least = parts.reduce((lowest, next) => (next.maxV < lowest.maxV ? next : lowest));
  const figures = { measured: fullV, limit: least.maxV, margin: least.maxV - fullV, unit: 'V' };
  return least.maxV < fullV - dust
    ? finding(
        'dc-voltage',
        'stop',
        said('power-path.full-pack-has-parts-at-most', {
          fullV,
          kind: said(`power-path.${least.kind}`),
          maxV: least.maxV,
        }),
        figures,
        [said('power-path.take-one-that-is-rated-for', { fullV })],
      )
    : finding('dc-voltage', 'goes', said('power-path.fuse-switch-and-connectors-are-rated', { fullV }), figures);
}

function fuseBreak({ input: { chain, battery }, path: { fullV } }: Asked): Finding | null {
  const fuses = ofKind(chain, 'fuse');
  if (fuses.length === 0) return null;
  const { packOhm } = battery;
  if (packOhm === undefined) {
    return told('fuse-break', 'unknown', said('power-path.pack-resistance-is-not-known-and'), [
      said('power-path.measure-pack-resistance-or-ask-its'),
    ]);
  }
  const shortA = fullV / packOhm;
  const known = fuses.filter(({ breakA }) => breakA !== undefined);
  const weak = known.find(({ breakA }) => breakA! < shortA - dust);
  if (weak) {
    const figures = { measured: shortA, limit: weak.breakA!, margin: weak.breakA! - shortA, unit: 'A' };
    return finding(
      'fuse-break',
      'stop',
      said('power-path.short-draws-fuse-breaks-it-may', { shortA, breakA: weak.breakA! }),
      figures,
      [said('power-path.take-fuse-that-breaks-more')],
    );
  }
  return known.length < fuses.length
    ? told('fuse-break', 'unknown', said('power-path.it-is-not-known-what-fuse'), [
        said('power-path.look-for-its-breaking-capacity'),
      ])
    : told('fuse-break', 'goes', said('power-path.short-draws-fuse-breaks-it', { shortA }));
}

function isolation({ input: { chain } }: Asked): Finding {
  const parts = chain.some(
    (element) => onBatterySide(element) && (element.kind === 'switch' || element.kind === 'connector'),
  );
  return parts
    ? told('isolation', 'goes', said('power-path.pack-can-be-parted-from-rest'))
    : told('isolation', 'stop', said('power-path.nothing-parts-pack-from-rest'), [
        said('power-path.fit-switch-or-connector-beside-pack'),
      ]);
}

function spark({ input: { chain }, path: { fullV, currentA } }: Asked): Finding | null {
  if (fullV <= sparkAboveV + dust) return null;
  const rated =
    ofKind(chain, 'connector').some(({ sparkRated }) => sparkRated === true) ||
    ofKind(chain, 'switch').some(({ A: size, maxV }) => size >= currentA - dust && maxV >= fullV - dust);
  return rated
    ? told('spark', 'goes', said('power-path.what-closes-circuit-stands-spark'))
    : told('spark', 'work', said('power-path.at-contact-that-closes-circuit-burns', { fullV }), [
        said('power-path.take-connector-made-for-sparks-or'),
      ]);
}

function metals({ input: { chain } }: Asked): Finding | null {
  const joints = ofKind(chain, 'joint');
  const leads = ofKind(chain, 'lead');
  if (joints.length + leads.length === 0) return null;
  const twisted =
    joints.some(({ metals: [one, other], rated }) => one !== other && rated !== true) ||
    chain.some((element, index) => {
      const next = chain[index + 1];
      const both = element.kind === 'lead' && next?.kind === 'lead';
      return both && element.metal !== undefined && next.metal !== undefined && element.metal !== next.metal;
    });
  if (twisted) {
    return told('metals', 'stop', said('power-path.copper-and-aluminium-joined-without-joint'), [
      said('power-path.take-joint-that-is-rated-for'),
    ]);
  }
  return leads.some((lead: Lead) => lead.metal === undefined)
    ? told('metals', 'unknown', said('power-path.it-is-not-known-which-metal'), [
        said('power-path.scrape-strand-silver-coloured-copper-is'),
      ])
    : told('metals', 'goes', said('power-path.no-copper-is-joined-to-aluminium'));
}

function controllerVoltage({ input: { controller }, path: { fullV } }: Asked): Finding {
  const { minV, maxV } = controller;
  const holds = fullV >= minV - dust && fullV <= maxV + dust;
  const limit = fullV > maxV ? maxV : minV;
  const figures = {
    measured: fullV,
    limit: holds ? maxV : limit,
    margin: holds ? maxV - fullV : -Math.abs(fullV - limit),
    unit: 'V',
  };
  return holds
    ? finding(
        'controller-voltage',
        'goes',
        said('power-path.controller-takes-to-full-pack-has', { minV, maxV, fullV }),
        figures,
      )
    : finding(
        'controller-voltage',
        'stop',
        said('power-path.controller-takes-to-full-pack-has', { minV, maxV, fullV }),
        figures,
        [said('power-path.take-pack-or-controller-of-other')],
      );
}

function lowCut({ input: { controller }, path: { fullV, emptyV } }: Asked): Finding {
  const { lowCutV, minV } = controller;
  const figures = { measured: lowCutV, limit: emptyV, margin: lowCutV - emptyV, unit: 'V' };
  const holds = lowCutV >= emptyV - dust && lowCutV < fullV - dust && lowCutV >= minV - dust;
  return holds
    ? finding('low-cut', 'goes', said('power-path.it-cuts-off-at-pack-is', { lowCutV, emptyV }), figures)
    : finding('low-cut', 'work', said('power-path.it-cuts-off-at-pack-is-empty', { lowCutV, emptyV, fullV }), figures, [
        said('power-path.set-cut-off-to-or-little', { emptyV: Math.max(emptyV, minV) }),
      ]);
}

function charger({ input: { battery, charger: given } }: Asked): Finding {
  const { cells, ah, chemistry } = battery;
  const ceilings = chemistry === 'lfp' ? [fullVPerCell('lfp')] : nmcCeilingsV;
  const meets = ceilings.some(
    (ceiling) => Math.abs(given.volts - cells * ceiling) <= chargerTolerance * cells * ceiling + dust,
  );
  if (!meets) {
    const full = cells * ceilings[0]!;
    const figures = { measured: given.volts, limit: full, margin: -Math.abs(given.volts - full), unit: 'V' };
    return finding(
      'charger',
      'stop',
      said('power-path.charger-ends-at-this-pack-is', { volts: given.volts, full }),
      figures,
      [said('power-path.take-charger-of-this-pack-another')],
    );
  }
  const { amps } = given;
  const verdict = amps <= 0.5 * ah + dust ? 'goes' : amps <= ah + dust ? 'work' : 'stop';
  const limit = verdict === 'stop' ? ah : 0.5 * ah;
  const figures = { measured: amps, limit, margin: limit - amps, unit: 'A' };
  const remedies = verdict === 'goes' ? [] : [said('power-path.take-charger-that-gives-half-hour')];
  return finding(
    'charger',
    verdict,
    said('power-path.charger-gives-to-pack-of-ah', { amps, ah: round(ah) }),
    figures,
    remedies,
  );
}

function plug({ input: { chain } }: Asked): Finding | null {
  const connectors = ofKind(chain, 'connector');
  if (connectors.length === 0) return null;
  if (connectors.some(({ polarised }) => !polarised)) {
    return told('plug', 'stop', said('power-path.connector-goes-together-both-ways-round'), [
      said('power-path.take-connectors-that-go-together-one'),
    ]);
  }
  if (connectors.some(({ deadWhenOpen }) => deadWhenOpen === false)) {
    return told('plug', 'stop', said('power-path.open-connector-has-live-contacts-that'), [
      said('power-path.take-one-whose-live-side-is'),
    ]);
  }
  return connectors.some(({ deadWhenOpen }) => deadWhenOpen === undefined)
    ? told('plug', 'unknown', said('power-path.it-is-not-known-whether-open'), [
        said('power-path.look-at-pack-side-of-it'),
      ])
    : told('plug', 'goes', said('power-path.connectors-go-together-one-way-and'));
}

function accessory({ input: { accessories }, path: { fullV, emptyV } }: Asked): Finding | null {
  if (accessories.length === 0) return null;
  const off = accessories.find(({ volts: [from, to] }) => from! > emptyV + dust || to! < fullV - dust);
  if (!off) return told('accessory', 'goes', said('power-path.every-accessory-stands-pack-voltage-full'));
  const [from, to] = off.volts as [number, number];
  const high = to < fullV - dust;
  const figures = {
    measured: high ? fullV : emptyV,
    limit: high ? to : from,
    margin: high ? to - fullV : emptyV - from,
    unit: 'V',
  };
  return finding(
    'accessory',
    'stop',
    said('power-path.takes-to-pack-has-to', { id: off.id, from, to, emptyV, fullV }),
    figures,
    [said('power-path.feed-it-through-converter')],
  );
}

function barePack({ input: { battery, chain } }: Asked): Finding | null {
  if (battery.pack !== 'bare') return null;
  const { enclosed, retained } = battery;
  const fused = ofKind(chain, 'fuse').length > 0;
  if (enclosed === false || retained === false || !fused) {
    return told('bare-pack', 'stop', said('power-path.pack-without-its-case-is-boxed'), [
      ...(enclosed === false ? [said('power-path.put-it-into-box-that-keeps')] : []),
      ...(retained === false ? [said('power-path.hold-it-so-that-nothing-chafes')] : []),
      ...(fused ? [] : [said('power-path.fit-fuse-close-to-pack')]),
    ]);
  }
  return enclosed === undefined || retained === undefined
    ? told('bare-pack', 'unknown', said('power-path.nobody-has-said-whether-bare-pack'), [
        said('power-path.look-at-its-box-and-how'),
      ])
    : told('bare-pack', 'goes', said('power-path.bare-pack-is-boxed-in-held'));
}
