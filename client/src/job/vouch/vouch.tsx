import type { BikeRecord } from '@cricket/contract/shapes';
import { eventsOf, vouchedBy } from '@cricket/core/job-events';
import { useState } from 'react';
import { View } from 'react-native';

import { useWrites } from '../../data/use-writes';
import { OwnersWord } from '../../session/owners-word';
import { Button } from '../../ui/button';
import { Txt } from '../../ui/txt';
import { words } from './words';

/** What a file brought in of another shop's work: told apart, and answered for by the owner or done again. */
export function Vouch({ record }: { record: BikeRecord }) {
  const [asking, setAsking] = useState(false);
  const { addEvent } = useWrites();
  const taken = record.acceptances.filter(({ imported }) => imported);
  const stacks = taken.filter(({ kind }) => kind === 'stack').length;
  const plans = taken.length - stacks;
  const steps = eventsOf(record.events, 'step').filter(({ imported }) => imported);
  if (taken.length + steps.length === 0) return null;
  const word = vouchedBy(record.events);
  if (word) {
    return (
      <Txt className="px-4 py-2" tone="soft" verbatim testID="vouched">
        {words.given(word.person, word.data.because)}
      </Txt>
    );
  }
  return (
    <View className="mx-4 my-2 gap-2 border-l-8 border-work bg-sheet px-3 py-2" testID="not-vouched">
      <Txt bold>{words.title(stacks, plans, new Set(steps.map(({ data }) => data.stepId)).size)}</Txt>
      <Txt>{words.lead}</Txt>
      {asking ? (
        <OwnersWord
          label={words.because}
          keep={words.keep}
          onWord={(because) => {
            void addEvent(record.bike.id, 'vouched', 'bike', { because });
            setAsking(false);
          }}
          onCancel={() => setAsking(false)}
          about="vouch"
        />
      ) : (
        <Button label={words.ask} onPress={() => setAsking(true)} className="self-start" testID="ask-vouch" />
      )}
    </View>
  );
}
