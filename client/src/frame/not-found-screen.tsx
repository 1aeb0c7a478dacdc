import { useRouter } from 'expo-router';
import { View } from 'react-native';

import { Notice } from '../ui/notice';
import { Screen } from '../ui/screen';
import { words } from '../ui/words';

/** An address that leads nowhere. */
export function NotFoundScreen() {
  const router = useRouter();
  return (
    <Screen title={words.gone} backTo="/">
      <View testID="nowhere">
        <Notice title={words.gone} action={{ label: words.home, onPress: () => router.navigate('/') }} />
      </View>
    </Screen>
  );
}
