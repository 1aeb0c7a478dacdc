import { thinnestMm2, type PathElement } from '@cricket/core/power-path';
import type { FieldErrors, Resolver } from 'react-hook-form';

import { figureErrors, resolved, wrong, type FigureRules } from '../../ui/figure-rules';
import { typedFigure } from '../../ui/number-rule';
import { fieldText } from '../../ui/shop-units';
import { figureSaid, isThickEnough, said, word, type Maybe } from './power-forms';
import { words } from './words';

type Lead = Extract<PathElement, { kind: 'lead' }>;
type Joint = Extract<PathElement, { kind: 'joint' }>;
type Figure = 'size' | 'lengthM' | 'conductorC' | 'ratedA' | 'ratedV' | 'breakA';

export interface ElementFields extends Record<Figure, string> {
  kind: PathElement['kind'];
  sizeIn: 'mm2' | 'awg';
  metal: NonNullable<Lead['metal']> | '';
  insulation: Lead['insulation'];
  bundled: 'yes' | 'no';
  polarised: 'yes' | 'no';
  deadWhenOpen: Maybe;
  sparkRated: Maybe;
  one: Joint['metals'][number];
  other: Joint['metals'][number];
  jointRated: Maybe;
}

export const elementKinds = ['lead', 'connector', 'fuse', 'switch', 'joint', 'phase'] as const;

const asked: Record<PathElement['kind'], readonly Figure[]> = {
  lead: ['size', 'lengthM', 'conductorC'],
  connector: ['ratedA', 'ratedV'],
  joint: [],
  fuse: ['ratedA', 'ratedV', 'breakA'],
  switch: ['ratedA', 'ratedV'],
  phase: ['ratedA'],
};
/** The figures of an element, in the order in which they are asked. */
export const figuresOf = (kind: PathElement['kind']): readonly Figure[] => asked[kind];
export const isOptional = (name: Figure): boolean => name === 'conductorC' || name === 'breakA';

const rulesIn = (sizeIn: ElementFields['sizeIn']): FigureRules<Figure> => ({
  size: sizeIn === 'mm2' ? [0.01, 200, 'mm²', true] : [-4, 40, 'AWG', true],
  lengthM: [0, 50, 'm', true],
  conductorC: [-40, 200, '°C', false],
  ratedA: [0.1, 1000, 'A', true],
  ratedV: [1, 1000, 'V', true],
  breakA: [1, 1_000_000, 'A', false],
});

export function elementToFields(element: PathElement | undefined): ElementFields {
  const lead = element?.kind === 'lead' ? element : undefined;
  const joint = element?.kind === 'joint' ? element : undefined;
  const plug = element?.kind === 'connector' ? element : undefined;
  const fuse = element?.kind === 'fuse' ? element : undefined;
  const rated = element && ('A' in element ? element.A : 'continuousA' in element ? element.continuousA : undefined);
  return {
    kind: element?.kind ?? 'lead',
    sizeIn: lead?.awg === undefined ? 'mm2' : 'awg',
    size: fieldText(lead?.mm2 ?? lead?.awg, ''),
    lengthM: fieldText(lead?.lengthM, 'm'),
    conductorC: fieldText(lead?.conductorC, '°C'),
    metal: lead?.metal ?? '',
    insulation: lead?.insulation ?? 'pvc70',
    bundled: lead?.bundled === false ? 'no' : 'yes',
    ratedA: fieldText(rated, 'A'),
    ratedV: fieldText(element && 'maxV' in element ? element.maxV : undefined, 'V'),
    breakA: fieldText(fuse?.breakA, 'A'),
    polarised: plug?.polarised === false ? 'no' : 'yes',
    deadWhenOpen: word(plug?.deadWhenOpen),
    sparkRated: word(plug?.sparkRated),
    one: joint?.metals[0] ?? 'copper',
    other: joint?.metals[1] ?? 'copper',
    jointRated: word(joint?.rated),
  };
}

export const checkElement: Resolver<ElementFields> = (values) => {
  const errors: FieldErrors<ElementFields> = figureErrors(rulesIn(values.sizeIn), values, (name) =>
    figuresOf(values.kind).includes(name),
  );
  if (values.kind === 'lead' && !errors.size && !isThickEnough(values.sizeIn, typedFigure(values.size)!)) {
    errors.size = wrong(words.tooThin(String(thinnestMm2)));
  }
  return resolved(values, errors);
};

export function fieldsToElement(fields: ElementFields): PathElement {
  const { kind } = fields;
  const amps = typedFigure(fields.ratedA)!;
  const maxV = typedFigure(fields.ratedV)!;
  switch (kind) {
    case 'lead': {
      const size = typedFigure(fields.size)!;
      return {
        kind,
        ...(fields.sizeIn === 'mm2' ? { mm2: size } : { awg: size }),
        lengthM: typedFigure(fields.lengthM, 'm')!,
        ...(fields.metal && { metal: fields.metal }),
        insulation: fields.insulation,
        bundled: fields.bundled === 'yes',
        ...figureSaid('conductorC', fields.conductorC, '°C'),
      };
    }
    case 'connector':
      return {
        kind,
        continuousA: amps,
        maxV,
        polarised: fields.polarised === 'yes',
        ...said('sparkRated', fields.sparkRated),
        ...said('deadWhenOpen', fields.deadWhenOpen),
      };
    case 'joint':
      return { kind, metals: [fields.one, fields.other], ...said('rated', fields.jointRated) };
    case 'fuse':
      return { kind, A: amps, maxV, ...figureSaid('breakA', fields.breakA, 'A') };
    case 'switch':
      return { kind, A: amps, maxV };
    case 'phase':
      return { kind, continuousA: amps };
  }
}

/** Where a new element goes: before the motor's own leads. */
export function withElement(chain: readonly PathElement[], element: PathElement): PathElement[] {
  const at = element.kind === 'phase' ? -1 : chain.findIndex(({ kind }) => kind === 'phase');
  return at < 0 ? [...chain, element] : [...chain.slice(0, at), element, ...chain.slice(at)];
}
