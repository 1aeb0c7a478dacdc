import type { BikeRecord } from '@cricket/contract/shapes';
import { eventsOf, vouchedBy } from '@cricket/core/job-events';
import { reasonOfSubstance, saysSomething } from '@cricket/core/procedure';
import { useState } from 'react';
import { View } from 'react-native';

import { useWrites } from '../data/use-writes';
import { HandOver } from '../session/hand-over';
import { RoleButton } from '../session/role-button';
import { useMay } from '../session/use-session';
import { Button } from '../ui/button';
import { TextLine } from '../ui/text-line';
import { Txt } from '../ui/txt';
import { words as all } from './words';

const words = all.vouch;

/** What a file brought in of another shop's work: told apart, and answered for by the owner or done again. */
export function Vouch({ record }: { record: BikeRecord }) {
  const [asking, setAsking] = useState(false);
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
        <Word bikeId={record.bike.id} onDone={() => setAsking(false)} />
      ) : (
        <Button label={words.ask} onPress={() => setAsking(true)} className="self-start" testID="ask-vouch" />
      )}
    </View>
  );
}

/** The owner's word, with a reason that says something. */
function Word({ bikeId, onDone }: { bikeId: string; onDone: () => void }) {
  const may = useMay();
  const { addEvent } = useWrites();
  const [because, setBecause] = useState('');
  return (
    <View className="gap-2">
      {may.own ? null : <HandOver title={all.standIn.takes} to={['owner']} />}
      <TextLine
        label={words.because}
        hint={all.standIn.hint(reasonOfSubstance.characters, reasonOfSubstance.words)}
        value={because}
        onChange={setBecause}
        maxLength={400}
        testID="vouch-because"
      />
      <View className="flex-row gap-2">
        <Button label={all.cancel} onPress={onDone} className="flex-1" />
        <RoleButton
          needs="own"
          label={words.keep}
          look="do"
          disabled={!saysSomething(because)}
          onPress={() => {
            void addEvent(bikeId, 'vouched', 'bike', { because: because.trim() });
            onDone();
          }}
          className="flex-1"
          testID="keep-vouch"
        />
      </View>
    </View>
  );
}
