import { asWritten, said, type Said } from '../said';

const names = [
  'Calipers',
  'Flat file and metal cutters’ oil',
  'Spanner 18 mm',
  'Spanner 21 mm',
  'Torque wrench 20–80 N·m',
  'Torque wrench 2–15 N·m',
  'Tyre levers and pump with gauge',
  'T25 driver',
  'Freewheel remover',
  'Chain whip and lock-ring tool',
  'Spoke key and tension gauge',
  'Multimeter',
  'Crank puller',
  'Cup tool',
  'Pin remover',
] as const;
export type KnownTool = (typeof names)[number];

/** Every tool that a workshop can have on hand: under this name it is kept. */
export const knownTools: readonly string[] = names;

/** What a tool is called; one that the workshop added itself keeps its name. */
export function toolName(tool: string): Said {
  return knownTools.includes(tool)
    ? said(`tools.${tool.toLowerCase().replaceAll(/[^a-z0-9]+/g, '-')}`)
    : asWritten(tool);
}
