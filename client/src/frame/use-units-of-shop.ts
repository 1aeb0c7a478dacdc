import { useEffect } from 'react';

import { useShopSettings } from '../data/use-workshop';
import { takeShopUnits } from '../ui/shop-units';

/** Keeps what the pages read in with what the shop has set. */
export function useUnitsOfShop(): void {
  const { data } = useShopSettings();
  useEffect(() => {
    if (data) takeShopUnits(data);
  }, [data]);
}
