import { useGlobalSearchParams, usePathname } from 'expo-router';

import { Beside } from '../frame/beside';
import { WheelsScreen } from './wheels-screen';

/** The catalogue, with the wheel that is open beside it. With jaws in one hand nothing else is in sight. */
export function WheelsLayout() {
  const { wheelId } = useGlobalSearchParams<{ wheelId?: string }>();
  const measuring = usePathname().endsWith('/measure');
  return (
    <Beside
      list={<WheelsScreen openId={wheelId} />}
      open={wheelId !== undefined}
      hidden={measuring}
      width="w-[480px]"
    />
  );
}
