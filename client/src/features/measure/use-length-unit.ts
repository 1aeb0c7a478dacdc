import { useSettings } from '../../settings/settings';
import { useShopUnits } from '../../ui/shop-units';

/** What lengths are read in: as this phone has it, else as the shop. */
export function useLengthUnit(): 'mm' | 'inch' {
  const { unit } = useSettings();
  const { units } = useShopUnits();
  return unit ?? units.length;
}
