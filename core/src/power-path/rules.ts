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

const A = (value: number) => `${round(value)} A`;
const V = (value: number) => `${round(value)} V`;
const round = (value: number) => Number(value.toFixed(value < 10 ? 2 : 1));
const lowerOr = 'Set the controller to less, or';

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
  const words = `The pack gives ${A(continuousA)} for long and ${A(peakA)} for a moment; ${A(currentA)} are drawn.`;
  return finding(
    'battery-current',
    verdict,
    words,
    figures,
    verdict === 'goes' ? [] : [setTo(limitA, 'a stronger pack')],
  );
}

function setTo(limitA: number | null, otherwise: string): string {
  return limitA === null ? `Take ${otherwise}.` : `Set the controller to ${limitA} A, or take ${otherwise}.`;
}

function elementCurrent({ path: { elements }, limitA }: Asked): Finding | null {
  const rated = elements.filter(({ marginA }) => marginA !== null);
  if (rated.length === 0) return null;
  const worst = rated.reduce((least, next) => (next.marginA! < least.marginA! ? next : least));
  const over = worst.marginA! < -dust;
  const figures = { measured: worst.loadA, limit: worst.ratedA, margin: worst.marginA, unit: 'A' };
  const where = `${named[worst.kind]} (${worst.index + 1} of ${elements.length})`;
  return over
    ? finding('element-current', 'stop', `${where} carries ${A(worst.ratedA!)}; ${A(worst.loadA)} flow.`, figures, [
        worst.kind === 'phase'
          ? `${lowerOr} take thicker motor leads.`
          : setTo(limitA, `a stronger ${named[worst.kind].toLowerCase()}`),
      ])
    : finding(
        'element-current',
        'goes',
        `Every element carries what flows; least to spare has the ${where.toLowerCase()}.`,
        figures,
      );
}

const named: Record<PathElement['kind'], string> = {
  lead: 'Lead',
  connector: 'Connector',
  joint: 'Joint',
  fuse: 'Fuse',
  switch: 'Switch',
  phase: 'Motor lead',
};

function drop({ path: { dropV, dropPercent }, limitA }: Asked): Finding {
  const verdict =
    dropPercent <= dropGoesPercent + dust ? 'goes' : dropPercent <= dropWorkPercent + dust ? 'work' : 'stop';
  const limit = verdict === 'stop' ? dropWorkPercent : dropGoesPercent;
  const figures = { measured: dropPercent, limit, margin: limit - dropPercent, unit: '%' };
  const words = `The leads lose ${V(dropV)}, ${round(dropPercent)} % of the empty pack.`;
  return finding(
    'drop',
    verdict,
    words,
    figures,
    verdict === 'goes' ? [] : [setTo(limitA, 'thicker or shorter leads')],
  );
}

function fuse({ input: { chain }, path: { fuseA, fuseWindowA, elements } }: Asked): Finding {
  const { min, max } = fuseWindowA;
  const fuses = ofKind(chain, 'fuse');
  const window = `A fuse of ${A(min)} to ${A(max)} protects this path`;
  const weakest = elements
    .filter(({ kind }) => kind === 'lead' || kind === 'connector' || kind === 'switch')
    .reduce<(typeof elements)[number] | null>(
      (least, next) => (!least || next.ratedA! < least.ratedA! ? next : least),
      null,
    );
  const noSize = `No fuse fits: ${lowerOr.toLowerCase()} thicken ${weakest ? `the ${named[weakest.kind].toLowerCase()} (${weakest.index + 1})` : 'the weakest part'}.`;
  const over = fuses.find(({ A: size }) => size > max + dust);
  if (over) {
    const figures = { measured: over.A, limit: max, margin: max - over.A, unit: 'A' };
    const remedy = fuseA === null ? noSize : `Take a fuse of ${fuseA} A.`;
    return finding('fuse', 'stop', `${window}; one of ${over.A} A blows after what it protects.`, figures, [remedy]);
  }
  const under = fuses.find(({ A: size }) => size < min - dust);
  if (!under && fuses.length > 0) return told('fuse', 'goes', `${window}; it is there.`);
  const because = under ? `${window}; one of ${under.A} A blows on a hill.` : `${window}; there is none.`;
  const figures = under ? { measured: under.A, limit: min, margin: under.A - min, unit: 'A' } : { unit: 'A' };
  return fuseA === null
    ? finding('fuse', 'stop', because, figures, [noSize])
    : finding('fuse', 'work', because, figures, [`Fit a fuse of ${fuseA} A close to the pack.`]);
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
        `The full pack has ${V(fullV)}; the ${named[least.kind].toLowerCase()} parts at most ${V(least.maxV)} of direct current.`,
        figures,
        [`Take one that is rated for ${V(fullV)} of direct current or more.`],
      )
    : finding('dc-voltage', 'goes', `Fuse, switch and connectors are rated for the full pack’s ${V(fullV)}.`, figures);
}

function fuseBreak({ input: { chain, battery }, path: { fullV } }: Asked): Finding | null {
  const fuses = ofKind(chain, 'fuse');
  if (fuses.length === 0) return null;
  const { packOhm } = battery;
  if (packOhm === undefined) {
    return told('fuse-break', 'unknown', 'The pack’s resistance is not known, and so not what a short would draw.', [
      'Measure the pack’s resistance, or ask its maker.',
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
      `A short draws ${A(shortA)}; the fuse breaks ${A(weak.breakA!)}: it may burn on.`,
      figures,
      ['Take a fuse that breaks more.'],
    );
  }
  return known.length < fuses.length
    ? told('fuse-break', 'unknown', 'It is not known what the fuse breaks.', ['Look for its breaking capacity.'])
    : told('fuse-break', 'goes', `A short draws ${A(shortA)}; the fuse breaks it.`);
}

function isolation({ input: { chain } }: Asked): Finding {
  const parts = chain.some(
    (element) => onBatterySide(element) && (element.kind === 'switch' || element.kind === 'connector'),
  );
  return parts
    ? told('isolation', 'goes', 'The pack can be parted from the rest.')
    : told('isolation', 'stop', 'Nothing parts the pack from the rest.', [
        'Fit a switch or a connector beside the pack.',
      ]);
}

function spark({ input: { chain }, path: { fullV, currentA } }: Asked): Finding | null {
  if (fullV <= sparkAboveV + dust) return null;
  const rated =
    ofKind(chain, 'connector').some(({ sparkRated }) => sparkRated === true) ||
    ofKind(chain, 'switch').some(({ A: size, maxV }) => size >= currentA - dust && maxV >= fullV - dust);
  return rated
    ? told('spark', 'goes', 'What closes the circuit stands the spark.')
    : told('spark', 'work', `At ${V(fullV)} the contact that closes the circuit burns with every spark.`, [
        'Take a connector made for sparks, or charge the controller through a resistor first.',
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
    return told('metals', 'stop', 'Copper and aluminium joined without a joint made for both corrode, heat and burn.', [
      'Take a joint that is rated for both metals, or leads of one metal.',
    ]);
  }
  return leads.some((lead: Lead) => lead.metal === undefined)
    ? told('metals', 'unknown', 'It is not known which metal a lead is; it is reckoned as aluminium.', [
        'Scrape a strand: silver-coloured copper is tinned and shows red inside.',
      ])
    : told('metals', 'goes', 'No copper is joined to aluminium.');
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
        `The controller takes ${V(minV)} to ${V(maxV)}; the full pack has ${V(fullV)}.`,
        figures,
      )
    : finding(
        'controller-voltage',
        'stop',
        `The controller takes ${V(minV)} to ${V(maxV)}; the full pack has ${V(fullV)}.`,
        figures,
        ['Take a pack or a controller of the other’s voltage.'],
      );
}

function lowCut({ input: { controller }, path: { fullV, emptyV } }: Asked): Finding {
  const { lowCutV, minV } = controller;
  const figures = { measured: lowCutV, limit: emptyV, margin: lowCutV - emptyV, unit: 'V' };
  const holds = lowCutV >= emptyV - dust && lowCutV < fullV - dust && lowCutV >= minV - dust;
  return holds
    ? finding('low-cut', 'goes', `It cuts off at ${V(lowCutV)}; the pack is empty at ${V(emptyV)}.`, figures)
    : finding(
        'low-cut',
        'work',
        `It cuts off at ${V(lowCutV)}; the pack is empty at ${V(emptyV)} and full at ${V(fullV)}.`,
        figures,
        [`Set the cut-off to ${V(Math.max(emptyV, minV))} or a little above.`],
      );
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
      `The charger ends at ${V(given.volts)}; this pack is charged to ${V(full)}.`,
      figures,
      ['Take the charger of this pack: another one overcharges it or never fills it.'],
    );
  }
  const { amps } = given;
  const verdict = amps <= 0.5 * ah + dust ? 'goes' : amps <= ah + dust ? 'work' : 'stop';
  const limit = verdict === 'stop' ? ah : 0.5 * ah;
  const figures = { measured: amps, limit, margin: limit - amps, unit: 'A' };
  const remedies = verdict === 'goes' ? [] : ['Take a charger that gives half an hour’s rate or less.'];
  return finding('charger', verdict, `The charger gives ${A(amps)} to a pack of ${round(ah)} Ah.`, figures, remedies);
}

function plug({ input: { chain } }: Asked): Finding | null {
  const connectors = ofKind(chain, 'connector');
  if (connectors.length === 0) return null;
  if (connectors.some(({ polarised }) => !polarised)) {
    return told('plug', 'stop', 'A connector goes together both ways round: turned once, the controller is gone.', [
      'Take connectors that go together one way only.',
    ]);
  }
  if (connectors.some(({ deadWhenOpen }) => deadWhenOpen === false)) {
    return told('plug', 'stop', 'Open, a connector has live contacts that can be touched.', [
      'Take one whose live side is shrouded.',
    ]);
  }
  return connectors.some(({ deadWhenOpen }) => deadWhenOpen === undefined)
    ? told('plug', 'unknown', 'It is not known whether an open connector has live contacts that can be touched.', [
        'Look at the pack’s side of it, unplugged.',
      ])
    : told('plug', 'goes', 'The connectors go together one way, and no live contact can be touched.');
}

function accessory({ input: { accessories }, path: { fullV, emptyV } }: Asked): Finding | null {
  if (accessories.length === 0) return null;
  const off = accessories.find(({ volts: [from, to] }) => from! > emptyV + dust || to! < fullV - dust);
  if (!off) return told('accessory', 'goes', 'Every accessory stands the pack’s voltage, full and empty.');
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
    `${off.id} takes ${V(from)} to ${V(to)}; the pack has ${V(emptyV)} to ${V(fullV)}.`,
    figures,
    ['Feed it through a converter.'],
  );
}

function barePack({ input: { battery, chain } }: Asked): Finding | null {
  if (battery.pack !== 'bare') return null;
  const { enclosed, retained } = battery;
  const fused = ofKind(chain, 'fuse').length > 0;
  if (enclosed === false || retained === false || !fused) {
    return told('bare-pack', 'stop', 'A pack without its case is boxed in, held fast and fused, or it is not ridden.', [
      ...(enclosed === false ? ['Put it into a box that keeps fingers and water out.'] : []),
      ...(retained === false ? ['Hold it so that nothing chafes.'] : []),
      ...(fused ? [] : ['Fit a fuse close to the pack.']),
    ]);
  }
  return enclosed === undefined || retained === undefined
    ? told('bare-pack', 'unknown', 'Nobody has said whether the bare pack is boxed in and held fast.', [
        'Look at its box and how it is held.',
      ])
    : told('bare-pack', 'goes', 'The bare pack is boxed in, held fast and fused.');
}
