import { View } from 'react-native';

import { ToPage } from '../../ui/to-page';
import { Txt } from '../../ui/txt';
import type { WayOut } from './ways-out';

/** One link to where the work goes on. */
export function WayLink({ label, path }: WayOut) {
  return (
    <ToPage to={path} className="min-h-[48px] justify-center">
      <Txt className="underline">{label}</Txt>
    </ToPage>
  );
}

/** Links to where something is put right or found out. */
export function WayLinks({ ways }: { ways: readonly WayOut[] }) {
  if (ways.length === 0) return null;
  return (
    <View testID="ways-on">
      {ways.map((way) => (
        <WayLink key={way.path} {...way} />
      ))}
    </View>
  );
}
