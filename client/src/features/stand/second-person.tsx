import type { Role } from '@cricket/contract/shapes';
import { View } from 'react-native';

import { HandOver } from '../../session/hand-over';
import { RoleButton } from '../../session/role-button';
import { useMe } from '../../data/use-session';
import { Txt } from '../../ui/txt';
import { words } from './words';

/** Whose word a second look takes: not a learner's. */
export const looks: readonly Role[] = ['owner', 'installer'];

export interface SecondPersonProps {
  doneBy: string;
  onConfirm: () => void;
}

/** A safety step that is done and waits for somebody else to look: who looks takes the phone right here. */
export function SecondPerson({ doneBy, onConfirm }: SecondPersonProps) {
  const me = useMe();
  return (
    <View className="mx-4 my-2 gap-2 border-2 border-ink p-3" testID="second-person">
      <Txt bold>{words.awaits}</Txt>
      <Txt>{words.awaitsWhy(doneBy)}</Txt>
      {me.name === doneBy ? (
        <HandOver title={words.secondTakes} to={looks} />
      ) : (
        <RoleButton needs="work" label={words.confirmSecond} look="do" onPress={onConfirm} testID="confirm-second" />
      )}
    </View>
  );
}
