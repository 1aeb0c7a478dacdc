import { withMark } from '@cricket/core/units';
import { Children } from 'react';
import { Text, type TextProps } from 'react-native-svg';

import { useShopUnits } from './shop-units';

/** Text in a drawing, in the face of its figures; its decimals are after the shop's mark. Units stay: a drawing has no room for a second one. */
export function SvgTxt({ children, ...rest }: TextProps) {
  const { units } = useShopUnits();
  const shown = Children.map(children, (child) =>
    typeof child === 'string' || typeof child === 'number' ? withMark(String(child), units.decimalMark) : child,
  );
  return (
    <Text fontFamily="Barlow Condensed" {...rest}>
      {shown}
    </Text>
  );
}
