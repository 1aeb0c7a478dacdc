import { router } from 'expo-router';
import { View } from 'react-native';

import { Button } from './button';
import type { Page } from './pages';
import { Txt } from './txt';
import { words } from './words';

export interface NoticeProps {
  title: string;
  because?: string;
  action?: { label: string; onPress: () => void };
  /** Where that is which would fill the page. */
  to?: { label: string; path: Page };
}

/** What a list or page says when it has nothing to show, and what to do about it. */
export function Notice({ title, because, action, to }: NoticeProps) {
  return (
    <View className="items-start gap-3 px-4 py-8">
      <Txt size="title" bold heading={2}>
        {title}
      </Txt>
      {because ? <Txt tone="soft">{because}</Txt> : null}
      {action ? <Button label={action.label} onPress={action.onPress} look="do" /> : null}
      {to ? <Button label={to.label} onPress={() => router.navigate(to.path)} look="do" /> : null}
    </View>
  );
}

/** While something is fetched for the first time. */
export function Fetching() {
  return (
    <View className="px-4 py-8" role="status">
      <Txt tone="soft">{words.loading}</Txt>
    </View>
  );
}

/** When something could not be fetched and nothing is kept from before. */
export function Failed({ retry }: { retry: () => void }) {
  return <Notice title={words.failed} because={words.failedWhy} action={{ label: words.again, onPress: retry }} />;
}
