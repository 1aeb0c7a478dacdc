import Svg, { Path } from 'react-native-svg';

import { useTones } from './tones';

const paths = {
  bikes:
    'M6 10.500a4 4 0 1 0 .01 0zM18 10.500a4 4 0 1 0 .01 0zM6 14.500l3.500-7h6l2.500 7M9.500 7.500l4 7H6M15.500 7.500l-2 7M8 7.500h3',
  stores: 'M8 6a6 6 0 1 0 .01 0zM8 9.500a2.500 2.500 0 1 0 .01 0zM17.500 6v12M20 6v12M22.500 6v12',
  wheels: 'M12 3a9 9 0 1 0 .01 0zM12 8a4 4 0 1 0 .01 0zM1 12h7M16 12h7',
  shop: 'M4 21V10l8-6 8 6v11zM9 21v-7h6v7',
  back: 'M14 5l-7 7 7 7M7 12h14',
  erase: 'M8 5h13v14H8l-6-7zM11 9l6 6M17 9l-6 6',
  previous: 'M15 5l-7 7 7 7',
  next: 'M9 5l7 7-7 7',
} as const;

export type IconName = keyof typeof paths;

/** A line icon of our own, drawn on a 24 grid. */
export function Icon({
  name,
  size = 26,
  tone = 'ink',
}: {
  name: IconName;
  size?: number;
  tone?: 'ink' | 'soft' | 'onLime';
}) {
  const tones = useTones();
  return (
    <Svg width={size} height={size} viewBox="0 0 24 24" aria-hidden>
      <Path
        d={paths[name]}
        fill="none"
        stroke={tones[tone]}
        strokeWidth={1.8}
        strokeLinejoin="round"
        strokeLinecap="round"
      />
    </Svg>
  );
}
