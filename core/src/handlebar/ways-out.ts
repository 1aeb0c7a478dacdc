import type { BarPart, HandlebarInput, WayOut } from './contract';
import { arrange } from './layouts';
import { byFigure, byText } from './ordering';

const mayGoToCentre: readonly BarPart['kind'][] = ['display', 'bell', 'light', 'switch'];
const mayBeDropped: readonly BarPart['kind'][] = [
  'throttle-thumb',
  'throttle-half',
  'throttle-full',
  'display',
  'pad',
  'bell',
  'light',
  'switch',
  'mirror',
];
const order: readonly WayOut['do'][] = ['centre', 'swap', 'drop'];

/** Every single change after which a layout exists, cheapest first. */
export function waysOut(input: HandlebarInput): WayOut[] {
  const { parts, swaps = [] } = input;
  const replaced = (part: BarPart, next: readonly BarPart[]): BarPart[] =>
    parts.flatMap((each) => (each === part ? [...next] : [each]));
  const changes: [Omit<WayOut, 'cost'>, BarPart[]][] = [
    ...parts
      .filter(({ kind, side }) => side !== 'centre' && mayGoToCentre.includes(kind))
      .map((part): [Omit<WayOut, 'cost'>, BarPart[]] => [
        { do: 'centre', id: part.id },
        replaced(part, [{ ...part, side: 'centre' }]),
      ]),
    ...swaps.flatMap(({ for: id, part: next }): [Omit<WayOut, 'cost'>, BarPart[]][] => {
      const part = parts.find((each) => each.id === id)!;
      return [[{ do: 'swap', id, with: next.id }, replaced(part, [next])]];
    }),
    ...parts
      .filter((part) => isDroppable(part, parts))
      .map((part): [Omit<WayOut, 'cost'>, BarPart[]] => [{ do: 'drop', id: part.id }, replaced(part, [])]),
  ];
  return changes
    .flatMap(([change, changed]): WayOut[] => {
      const [best] = arrange({ ...input, parts: changed }).layouts;
      return best ? [{ ...change, cost: best.cost }] : [];
    })
    .sort(
      (a, b) =>
        byFigure(a.cost, b.cost) ||
        order.indexOf(a.do) - order.indexOf(b.do) ||
        byText(a.id, b.id) ||
        byText(a.with ?? '', b.with ?? ''),
    );
}

/** Brakes and gears stay, and what cuts the motor; a grip only where a whole twist throttle takes its place. */
function isDroppable({ kind, cutOff }: BarPart, parts: readonly BarPart[]): boolean {
  if (kind === 'grip') return parts.some((part) => part.kind === 'throttle-full');
  return mayBeDropped.includes(kind) && !(kind === 'switch' && cutOff === true);
}
