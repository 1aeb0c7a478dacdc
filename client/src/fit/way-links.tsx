import { View } from 'react-native';

import { ToPage } from '../ui/to-page';
import { Txt } from '../ui/txt';
import type { WayOut } from './ways-out';

/** Links to where something is put right or found out. */
export function WayLinks({ ways }: { ways: readonly WayOut[] }) {
  if (ways.length === 0) return null;
  return (
    <View testID="ways-on">
      {ways.map(({ label, path }) => (
        <ToPage key={path} to={path} className="min-h-[48px] justify-center">
          <Txt className="underline">{label}</Txt>
        </ToPage>
      ))}
    </View>
  );
}
