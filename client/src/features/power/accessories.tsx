import type { BikeRecord } from '@cricket/contract/shapes';
import { useRouter } from 'expo-router';
import { View } from 'react-native';

import { figure } from '../../ui/figure-text';
import { useTell } from '../../data/use-tell';
import { RoleButton } from '../../session/role-button';
import { Alerts } from '../../ui/alerts';
import { powerAccessoryPath } from '../../ui/pages';
import { ToPage } from '../../ui/to-page';
import { Txt } from '../../ui/txt';
import { word } from './power-forms';
import { words } from './words';

/** Lights and what else is fed from the pack. */
export function Accessories({ record }: { record: BikeRecord }) {
  const { id, facts } = record.bike;
  const { power } = facts;
  const accessories = power?.accessories;
  const router = useRouter();
  const { tell, messages } = useTell(record);
  return (
    <View className="border-b border-rule px-4 pb-3 pt-2">
      <Txt size="title" bold heading={2}>
        {words.accessories}
      </Txt>
      {accessories?.map((each) => (
        <ToPage key={each.id} to={powerAccessoryPath(id, each.id)} className="min-h-[56px] justify-center">
          <Txt bold className="underline">
            {each.id}
          </Txt>
          <Txt size="label" tone="soft">
            {`${words.accessorySays(figure(each.fromV), figure(each.toV), figure(each.watts))} · ${words.works[word(each.works)]}`}
          </Txt>
        </ToPage>
      ))}
      {accessories && accessories.length > 0 ? null : (
        <Txt tone="soft">{accessories ? words.nothing : words.notLooked}</Txt>
      )}
      <Alerts messages={messages} />
      <View className="flex-row flex-wrap gap-3 pt-2">
        <RoleButton
          needs="work"
          label={words.addAccessory}
          onPress={() => router.navigate(powerAccessoryPath(id))}
          testID="add-accessory"
        />
        {accessories ? null : (
          <RoleButton
            needs="work"
            label={words.nothingElse}
            onPress={() => void tell({ power: { ...power, accessories: [] } })}
            testID="nothing-else"
          />
        )}
      </View>
    </View>
  );
}
