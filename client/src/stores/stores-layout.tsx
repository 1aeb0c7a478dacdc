import { useGlobalSearchParams } from 'expo-router';

import { Beside } from '../frame/beside';
import { StoresScreen } from './stores-screen';

/** The stores, with the line that is open beside them. */
export function StoresLayout() {
  const { itemId } = useGlobalSearchParams<{ itemId?: string }>();
  return <Beside list={<StoresScreen openId={itemId} />} open={itemId !== undefined} width="w-[620px]" />;
}
