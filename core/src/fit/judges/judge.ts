import type { WantedPart } from '../../parts';
import type { Said } from '../../said';
import type { KnownTool } from '../../tools';
import type { Finding } from '../../verdict';
import type { FitArea, FitFinding, ShoppingGroup } from '../contract';
import type { Solved } from './solved';

/** A part that has to be got, and why. Where nothing else is said it costs and takes what the workshop's limits say of its kind. */
export interface Wanted {
  part: WantedPart;
  count: number;
  reason: Said;
  group?: ShoppingGroup;
  costEach?: number;
  leadDays?: number;
}

/** A tool that the work needs, and what for. */
export interface ToolAsked {
  tool: KnownTool;
  reason: Said;
}

/** What all judges have found: the finding of that name where it does not go; null where it does, or where nobody has spoken of it. */
export type Amiss = (id: string) => FitFinding | null;

/** One rule, or a few that belong together, over what is solved: what it finds, and what it sends somebody to the shop for. */
export interface Judge {
  /** Where in the work its findings belong. */
  area: FitArea;
  /** What must have been solved before it can say anything. */
  needs: readonly (keyof Solved)[];
  /** Speaks of an end that takes no motor at all, too. */
  ofAnyEnd: boolean;
  /** Each with the remedies that help. */
  judge(solved: Solved): readonly Finding[];
  shopping(solved: Solved, amiss: Amiss): readonly Wanted[];
  tools(solved: Solved, amiss: Amiss): readonly ToolAsked[];
}

type With<K extends keyof Solved> = Solved & { [Key in K]: NonNullable<Solved[Key]> };

interface AsksFor<K extends keyof Solved> {
  shopping?: (solved: With<K>, amiss: Amiss) => readonly Wanted[];
  tools?: (solved: With<K>, amiss: Amiss) => readonly ToolAsked[];
  ofAnyEnd?: true;
}

/** A judge of one area that speaks once what it needs is solved. */
export function judging<K extends keyof Solved = never>(
  area: FitArea,
  needs: readonly K[],
  judge: (solved: With<K>) => readonly Finding[],
  { shopping = () => [], tools = () => [], ofAnyEnd }: AsksFor<K> = {},
): Judge {
  return {
    area,
    needs,
    ofAnyEnd: ofAnyEnd === true,
    judge: (solved) => judge(solved as With<K>),
    shopping: (solved, amiss) => shopping(solved as With<K>, amiss),
    tools: (solved, amiss) => tools(solved as With<K>, amiss),
  };
}
