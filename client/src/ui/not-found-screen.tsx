import { useRouter } from 'expo-router';

import { Notice } from './notice';
import { Screen } from './screen';
import { words } from './words';

/** An address that leads nowhere. */
export function NotFoundScreen() {
  const router = useRouter();
  return (
    <Screen title={words.gone} backTo="/">
      <Notice title={words.gone} action={{ label: words.home, onPress: () => router.navigate('/' as never) }} />
    </Screen>
  );
}
