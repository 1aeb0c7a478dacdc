import { Figure, Items, Maybe, Nested, OneOf, Open, Optional, Remark, type RuleDecorator } from '../input';
import type { Verdict } from '../verdict';

/** Words as they were signed. */
export const words = (): RuleDecorator => Remark(2000);
export const verdicts = ['goes', 'work', 'unknown', 'stop'] as const;

@Open()
export class SignedOverride {
  @words() person!: string;
  @words() because!: string;
}

@Open()
export class SignedFinding {
  @words() id!: string;
  @OneOf(verdicts) verdict!: Verdict;
  @Maybe() @Figure() measured!: number | null;
  @Maybe() @Figure() limit!: number | null;
  @Maybe() @Figure() margin!: number | null;
  @words() unit!: string;
  @words() because!: string;
  @Items(words(), 40) remedies!: string[];
  @Optional() @Nested(() => SignedOverride) overridden?: SignedOverride;
}
