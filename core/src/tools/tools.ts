import { asWritten, said, type Said } from '../said';

/** Tools by the name under which a workshop keeps them, and what each costs, in the workshop's currency [J]. */
export const toolCosts = {
  Calipers: 30,
  'Flat file and metal cutters’ oil': 14,
  'Spanner 18 mm': 12,
  'Spanner 21 mm': 14,
  'Torque wrench 20–80 N·m': 65,
  'Torque wrench 2–15 N·m': 70,
  'Tyre levers and pump with gauge': 35,
  'T25 driver': 6,
  'Freewheel remover': 12,
  'Chain whip and lock-ring tool': 28,
  'Spoke key and tension gauge': 80,
  Multimeter: 25,
  'Crank puller': 18,
  'Cup tool': 32,
  'Pin remover': 9,
} as const;
export type KnownTool = keyof typeof toolCosts;

/** Every tool that a workshop can have on hand: under this name it is kept. */
export const knownTools: readonly string[] = Object.keys(toolCosts);

/** What a tool is called; one that the workshop added itself keeps its name. */
export function toolName(tool: string): Said {
  return knownTools.includes(tool)
    ? said(`tools.${tool.toLowerCase().replaceAll(/[^a-z0-9]+/g, '-')}`)
    : asWritten(tool);
}
