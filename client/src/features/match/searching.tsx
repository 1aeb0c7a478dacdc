import { View } from 'react-native';

import { Button } from '../../ui/button';
import { Txt } from '../../ui/txt';
import type { Search } from './use-search';
import { words } from './words';

/** How far a search is, and how to end it. */
export function Searching({ progress, cancelled, cancel, again }: Omit<Search<unknown>, 'answer' | 'failed'>) {
  return (
    <View className="gap-3 px-4 py-6" aria-live="polite">
      <Txt size="lead">{cancelled ? words.cancelled : words.working(progress.done, progress.all)}</Txt>
      <View className="h-3 border-2 border-ink">
        <View
          className="h-full bg-ink"
          style={{ width: `${progress.all ? (100 * progress.done) / progress.all : 0}%` }}
        />
      </View>
      <Button
        label={cancelled ? words.again : words.cancel}
        onPress={cancelled ? again : cancel}
        className="self-start"
        testID="search-button"
      />
    </View>
  );
}
