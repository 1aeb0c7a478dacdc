import { View } from 'react-native';

/** A hairline between rows. */
export function Rule({ strong }: { strong?: boolean }) {
  return <View className={strong ? 'h-0.5 bg-ink' : 'h-px bg-rule'} aria-hidden />;
}
