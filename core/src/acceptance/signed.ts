import {
  Figure,
  Items,
  Maybe,
  Nested,
  OneOf,
  Open,
  Optional,
  Remark,
  decorating,
  simple,
  ToSay,
  type RuleDecorator,
} from '../input';
import { said, type Said } from '../said';
import type { Verdict } from '../verdict';

/** Words as they were signed: by their code, or as an earlier version wrote them. */
export type SignedWords = Said | string;

const toSay = ToSay().rule;
const holdsWords = (value: unknown) =>
  typeof value === 'string' ? value.length <= 2000 : toSay.shortfall(value) === null;

export const sentence = (): RuleDecorator =>
  decorating(
    simple('sentence', said('acceptance.sentence'), holdsWords, { anyOf: [{ type: 'string' }, { type: 'object' }] }),
  );

/** A name or a text as it was signed. */
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
  @sentence() because!: SignedWords;
  @Items(sentence(), 40) remedies!: SignedWords[];
  @Optional() @Nested(() => SignedOverride) overridden?: SignedOverride;
}
