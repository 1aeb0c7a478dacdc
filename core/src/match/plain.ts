import { said, type Said } from '../said';
import { BikeFacts } from '../bike-facts';
import { PlainReading } from '../end-facts';
import { answered, factsOf } from '../fit';
import { Amount, Anything, Text, Optional, Items, Nested, readInput } from '../input';
import { OwnLimits } from '../limits';
import { PlainStoreItem, PlainWheel } from '../part-schemas';
import type { Verdict } from '../verdict';
import type { Wheel } from '../parts';
import { isJudged, matchEach, ranked, type RefusedKit } from './match';

export class PlainMatchEnds {
  @Optional() @Items(() => PlainReading, 2000) front?: PlainReading[];
  @Optional() @Items(() => PlainReading, 2000) rear?: PlainReading[];
}

/** Everything but the kits. */
class PlainMatchBike {
  @Nested(() => PlainMatchEnds) ends!: PlainMatchEnds;
  @Nested(() => BikeFacts) bike!: BikeFacts;
  @Items(() => PlainStoreItem, 2000) stores!: PlainStoreItem[];
  @Optional() @Items(Text(80), 100) tools?: string[];
  @Optional() @Amount(0, 1000, '') hourlyRate?: number;
  @Optional() @Nested(() => OwnLimits) limits?: OwnLimits;
}

export class PlainMatchInput extends PlainMatchBike {
  @Items(() => PlainWheel, 500) wheels!: PlainWheel[];
}

export interface PlainMatchRow {
  code: string;
  end: 'front' | 'rear';
  verdict: Verdict;
  /** The finding that decides. */
  because: Said;
  cost: number;
  minutes: number;
  leadDays: number;
  /** The kit's figures were refused: nothing was judged. */
  refused?: { path: string; message: Said };
}

/** The same with kits as they come: each is read by itself, so that a bad one does not take the others with it. */
class AnyKits extends PlainMatchBike {
  @Items(Anything(), 500) wheels!: unknown[];
}

/** Every kit at every end that was measured, best first, in plain data; kits whose figures are refused come last. */
export function plainMatch(input: PlainMatchInput): PlainMatchRow[] {
  const { ends, tools, hourlyRate, limits, wheels: kits, ...rest } = readInput(AnyKits, input);
  const measured = (['front', 'rear'] as const).filter((end) => ends[end] !== undefined);
  const wheels: Wheel[] = [];
  const refused: RefusedKit[] = [];
  kits.forEach((kit, at) => {
    const read = answered(() => readInput(PlainWheel, kit));
    if ('result' in read) {
      wheels.push(read.result as Wheel);
      return;
    }
    const { path, says: message } = read.contradiction;
    const wheel = { id: nameOf(kit, 'id') ?? String(at), code: nameOf(kit, 'code') ?? `kit ${at + 1}` };
    for (const end of measured) refused.push({ wheel, end, refused: { path: `wheels.${at}.${path}`, message } });
  });
  const all = [
    ...matchEach({
      ...rest,
      wheels,
      ends: {
        ...(ends.front && { front: factsOf('front', ends.front) }),
        ...(ends.rear && { rear: factsOf('rear', ends.rear) }),
      },
      delivered: null,
      ...(tools && { tools }),
      ...(hourlyRate !== undefined && { hourlyRate }),
      ...(limits && { limits }),
    }),
  ];
  const rows = ranked(all.filter(isJudged));
  const judged = rows.map(({ wheel, end, report }): PlainMatchRow => ({
    code: wheel.code,
    end,
    verdict: report.verdict,
    because: report.findings[0]?.because ?? said('verdict.nothing-judged'),
    cost: report.cost,
    minutes: report.minutes,
    leadDays: report.leadDays,
  }));
  const others = all.filter((row): row is RefusedKit => !isJudged(row));
  return [...judged, ...[...others, ...refused].map(refusedRow)];
}

function refusedRow({ wheel, end, refused }: RefusedKit): PlainMatchRow {
  return {
    code: wheel.code,
    end,
    verdict: 'unknown',
    because: refused.message,
    refused,
    cost: 0,
    minutes: 0,
    leadDays: 0,
  };
}

function nameOf(kit: unknown, field: 'id' | 'code'): string | null {
  const value = typeof kit === 'object' && kit !== null ? (kit as Record<string, unknown>)[field] : null;
  return typeof value === 'string' && value !== '' ? value : null;
}
