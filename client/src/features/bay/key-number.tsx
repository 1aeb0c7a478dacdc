import type { BikeRecord } from '@cricket/contract/shapes';
import { View } from 'react-native';

import { useDraft } from '../../data/use-draft';
import { useTell } from '../../data/use-tell';
import { Alerts } from '../../ui/alerts';
import { Button } from '../../ui/button';
import { TextLine } from '../../ui/text-line';
import { Txt } from '../../ui/txt';
import { words as all } from './words';

const words = all.key;

/** The number of the battery's key: without it a lost key is a lost battery. */
export function KeyNumber({ record }: { record: BikeRecord }) {
  const { id, facts } = record.bike;
  const kept = facts.bay?.keyNumber ?? '';
  const draft = useDraft<string>(`cricket-key/${id}`, kept);
  const { tell, messages } = useTell(record);
  const typed = draft.value.trim();
  const keep = async () => {
    if (typed !== '' && (await tell({ bay: { ...facts.bay, keyNumber: typed } }))) draft.drop();
  };
  return (
    <View className="gap-2 px-4 py-2" testID="key-number">
      <Alerts messages={messages} />
      <TextLine label={words.label} value={draft.value} onChange={draft.change} maxLength={40} testID="key-typed" />
      {typed === kept && kept !== '' ? (
        <Txt tone="soft">{words.kept}</Txt>
      ) : (
        <Button
          label={words.keep}
          disabled={typed === ''}
          onPress={() => void keep()}
          className="self-start"
          testID="keep-key"
        />
      )}
    </View>
  );
}
