import { Slot, useGlobalSearchParams, usePathname } from 'expo-router';
import { View } from 'react-native';

import { useWide } from '../ui/use-wide';
import { Beside } from './beside';
import { lazily } from './lazily';

// A layout that came late would have no place for its page yet: the address would lead elsewhere for a moment, and whoever loaded
// it anew just then would stay there. What stands beside the page may come when it will.
const BikeBeside = lazily(({ BikeBeside: Aside }) => Aside, null);
const Stores = lazily(({ StoresScreen }) => StoresScreen);
const Wheels = lazily(({ WheelsScreen }) => WheelsScreen);

/** On a wide screen the bike's map and stations stand left of whatever page of the bike is open. */
export function BikeLayout() {
  const wide = useWide();
  return (
    <View className={`min-h-0 min-w-0 flex-1 ${wide ? 'flex-row' : ''}`}>
      <BikeBeside />
      <Slot />
    </View>
  );
}

/** The stores, with the line that is open beside them. */
export function StoresLayout() {
  const { itemId } = useGlobalSearchParams<{ itemId?: string }>();
  return <Beside list={<Stores openId={itemId} />} open={itemId !== undefined} width="w-[620px]" />;
}

/** The catalogue, with the wheel that is open beside it. With jaws in one hand nothing else is in sight. */
export function WheelsLayout() {
  const { wheelId } = useGlobalSearchParams<{ wheelId?: string }>();
  const measuring = usePathname().endsWith('/measure');
  return (
    <Beside list={<Wheels openId={wheelId} />} open={wheelId !== undefined} hidden={measuring} width="w-[480px]" />
  );
}
