import type { FitFinding } from '@cricket/core/fit';
import { View } from 'react-native';

import { Txt } from '../../ui/txt';
import type { MatchLine } from '../../workers/match-line';
import { words } from './words';
import { say } from '../../ui/say';

/** Two kits say the same of the bike, if with other figures. */
const same = (one: FitFinding, other: FitFinding) => one.id === other.id && one.verdict === other.verdict;

/** What every kit says alike: the bike's own trouble, told once, with the figures of the kit that does best. */
export function sharedFindings(lines: readonly MatchLine[]): FitFinding[] {
  const [first, ...rest] = lines;
  if (!first || rest.length === 0) return [];
  return first.findings.flatMap((item) => {
    const others = rest.map(({ findings }) => findings.find((other) => same(item, other)));
    if (others.some((other) => other === undefined)) return [];
    return [others.reduce((best, other) => ((other!.margin ?? 0) > (best!.margin ?? 0) ? other : best), item)!];
  });
}

/** What decides about one kit, besides what is said of all. */
export function decides({ findings }: MatchLine, shared: readonly FitFinding[]): FitFinding | undefined {
  return findings.find((item) => !shared.some((one) => same(one, item)));
}

/** What every kit says alike, over the list. */
export function ForAll({ shared }: { shared: readonly FitFinding[] }) {
  if (shared.length === 0) return null;
  return (
    <View className="gap-1 border-b-2 border-ink px-4 py-2" testID="shared">
      <Txt size="label" figure tone="soft">
        {words.forAll}
      </Txt>
      {shared.map((item) => (
        <Txt key={item.id} tone={item.verdict}>
          {say(item.because)}
        </Txt>
      ))}
    </View>
  );
}
