import { useRouter } from 'expo-router';
import { View } from 'react-native';

import { RoleButton } from '../session/role-button';
import { useMe } from '../session/use-session';
import { Button } from '../ui/button';
import { Txt } from '../ui/txt';
import { words } from './words';

/** A safety step that is done and waits for somebody else to look. */
export function SecondPerson({
  doneBy,
  needs,
  onConfirm,
}: {
  doneBy: string;
  /** Whose word it takes. */
  needs: 'work' | 'own';
  onConfirm: () => void;
}) {
  const router = useRouter();
  const me = useMe();
  return (
    <View className="mx-4 my-2 gap-2 border-2 border-ink p-3" testID="second-person">
      <Txt bold>{words.awaits}</Txt>
      <Txt>{words.awaitsWhy(doneBy)}</Txt>
      {me.name === doneBy ? (
        <>
          <Txt tone="soft">{words.sameSecond}</Txt>
          <Button label={words.toShop} onPress={() => router.navigate('/shop' as never)} />
        </>
      ) : (
        <RoleButton needs={needs} label={words.confirmSecond} look="do" onPress={onConfirm} testID="confirm-second" />
      )}
    </View>
  );
}
