import type { Role } from '@cricket/contract/shapes';
import { takesOwner, type Step } from '@cricket/core/procedure';
import { View } from 'react-native';

import { HandOver } from '../session/hand-over';
import { RoleButton } from '../session/role-button';
import { useMe } from '../session/use-session';
import { Txt } from '../ui/txt';
import { words } from './words';

/** Whose word it takes. */
export function secondNeeds({ id }: Pick<Step, 'id'>): 'work' | 'own' {
  return takesOwner(id) ? 'own' : 'work';
}

/** Whose word that is. */
export const looks: Record<'work' | 'own', readonly Role[]> = { work: ['owner', 'installer'], own: ['owner'] };

export interface SecondPersonProps {
  doneBy: string;
  needs: 'work' | 'own';
  onConfirm: () => void;
}

/** A safety step that is done and waits for somebody else to look: who looks takes the phone right here. */
export function SecondPerson({ doneBy, needs, onConfirm }: SecondPersonProps) {
  const me = useMe();
  return (
    <View className="mx-4 my-2 gap-2 border-2 border-ink p-3" testID="second-person">
      <Txt bold>{words.awaits}</Txt>
      <Txt>{words.awaitsWhy(doneBy)}</Txt>
      {me.name === doneBy ? (
        <HandOver title={words.secondTakes} to={looks[needs]} />
      ) : (
        <RoleButton needs={needs} label={words.confirmSecond} look="do" onPress={onConfirm} testID="confirm-second" />
      )}
    </View>
  );
}
