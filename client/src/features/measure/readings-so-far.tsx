import type { Reading } from '@cricket/contract/shapes';
import { Pressable, View } from 'react-native';

import { dateText } from '../../ui/date-text';
import { figure } from '../../ui/figure-text';
import { Rule } from '../../ui/rule';
import { Txt } from '../../ui/txt';
import { answerName } from '../../job/reading/feature-words';
import { useLengthUnit } from './use-length-unit';
import { words } from './words';

/** The readings of one feature, the latest first; each may be withdrawn, none is deleted. */
export function ReadingsSoFar({
  readings,
  onWithdraw,
}: {
  readings: readonly Reading[];
  onWithdraw: (readingId: string) => void;
}) {
  const unit = useLengthUnit();
  if (readings.length === 0) return null;
  return (
    <View className="px-4 pt-4">
      <Txt size="label" figure tone="soft" heading={2}>
        {words.readingsSoFar}
      </Txt>
      {[...readings].reverse().map((reading) => (
        <View key={reading.id}>
          <View className="min-h-[52px] flex-row items-center gap-3">
            <Txt size="lead" figure bold className={reading.withdrawnAt ? 'line-through' : ''}>
              {shown(reading, unit)}
            </Txt>
            <Txt size="label" tone="soft" className="min-w-0 flex-1">
              {[dateText(new Date(reading.takenAt), 'd MMM HH:mm'), reading.person, typedAs(reading, unit)]
                .filter(Boolean)
                .join(' · ')}
            </Txt>
            {reading.withdrawnAt ? (
              <Txt size="label" tone="soft">
                {words.withdrawn}
              </Txt>
            ) : (
              <Pressable
                role="button"
                aria-label={`${words.withdraw} ${shown(reading, unit)}`}
                onPress={() => onWithdraw(reading.id)}
                className="min-h-[48px] justify-center px-2"
              >
                <Txt className="underline">{words.withdraw}</Txt>
              </Pressable>
            )}
          </View>
          <Rule />
        </View>
      ))}
    </View>
  );
}

function shown({ valueMm, word, parts, feature }: Reading, unit: 'mm' | 'inch'): string {
  if (valueMm !== null) return unit === 'inch' ? figure(valueMm / 25.4, 4) : figure(valueMm);
  if (word !== null) return answerName(feature, word);
  return (
    (parts ?? []).map(({ kind, thicknessMm }) => `${words.partKinds[kind]} ${figure(thicknessMm)}`).join(', ') ||
    words.noParts
  );
}

/** What was typed, where the list shows another unit. */
function typedAs({ typed, unit }: Reading, shownUnit: 'mm' | 'inch'): string | null {
  return unit && unit !== shownUnit && typed ? `${typed} ${words[unit]}` : null;
}
