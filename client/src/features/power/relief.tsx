import type { BikeRecord } from '@cricket/contract/shapes';
import type { PowerPathResult } from '@cricket/core/power-path';
import { View } from 'react-native';

import { figure } from '../../ui/figure-text';
import { useTell } from '../../data/use-tell';
import { RoleButton } from '../../session/role-button';
import { Alerts } from '../../ui/alerts';
import { Txt } from '../../ui/txt';
import { words } from './words';

/** Fuse and drop in a sentence each; and, where the current is too much, the setting at which it is not. */
export function Relief({ record, result }: { record: BikeRecord; result: PowerPathResult }) {
  const { facts } = record.bike;
  const { tell, messages } = useTell(record);
  const { fuseA, fuseWindowA, dropV, dropPercent, limitA } = result;
  const controller = facts.power?.controller;
  const isTooMuch = controller !== undefined && (limitA === null || limitA < Math.floor(controller.batteryA));
  return (
    <View className="gap-1 px-4 py-3">
      <Txt>
        {fuseA === null
          ? words.noFuse
          : words.fuseAdvice(figure(fuseA), figure(fuseWindowA.min, 1), figure(fuseWindowA.max, 1))}
      </Txt>
      <Txt>{words.dropSays(figure(dropV), figure(dropPercent))}</Txt>
      {isTooMuch ? <Txt bold>{limitA === null ? words.noRelief : words.relief(figure(limitA))}</Txt> : null}
      <Alerts messages={messages} />
      {isTooMuch && limitA !== null ? (
        <View className="items-start pt-1">
          <RoleButton
            needs="work"
            label={words.setTo(figure(limitA))}
            onPress={() => void tell({ power: { ...facts.power, controller: { ...controller, batteryA: limitA } } })}
            testID="set-limit"
          />
        </View>
      ) : null}
    </View>
  );
}
