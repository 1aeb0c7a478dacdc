import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, Line } from 'react-native-svg';

import { figure } from '../../ui/figure-text';
import { useTones } from '../../ui/tones';
import { SvgTxt } from '../../ui/svg-txt';

export interface DotScaleProps {
  valuesMm: readonly number[];
  oddIndexes: readonly number[];
  /** Something to compare with, such as the flats. */
  against: { valueMm: number; name: string } | null;
}

const height = 44;

/** The readings as dots on a line, with what they are held against. */
export function DotScale({ valuesMm, oddIndexes, against }: DotScaleProps) {
  const tones = useTones();
  const [width, setWidth] = useState(0);
  const all = [...valuesMm, ...(against ? [against.valueMm] : [])];
  const low = Math.min(...all);
  const high = Math.max(...all);
  const room = Math.max(0.3, (high - low) * 0.25);
  const x = (value: number) => ((value - low + room) / (high - low + 2 * room)) * width;
  return (
    <View onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)} style={{ height }}>
      {width > 0 && valuesMm.length > 0 ? (
        <Svg width={width} height={height} role="img" aria-label={valuesMm.map((value) => figure(value)).join(', ')}>
          <Line x1={0} x2={width} y1={28} y2={28} stroke={tones.rule} strokeWidth={2} />
          {against ? (
            <>
              <Line
                x1={x(against.valueMm)}
                x2={x(against.valueMm)}
                y1={16}
                y2={40}
                stroke={tones.ink}
                strokeWidth={2.5}
              />
              <SvgTxt
                x={x(against.valueMm)}
                y={11}
                fill={tones.soft}
                fontFamily="Barlow Condensed"
                fontSize={15}
                textAnchor={x(against.valueMm) > width / 2 ? 'end' : 'start'}
              >
                {`${against.name} ${figure(against.valueMm)}`}
              </SvgTxt>
            </>
          ) : null}
          {valuesMm.map((value, index) => (
            <Circle
              key={index}
              cx={x(value)}
              cy={28}
              r={8}
              fill={oddIndexes.includes(index) ? tones.sheet : tones.lime}
              stroke={oddIndexes.includes(index) ? tones.stop : tones.ink}
              strokeWidth={2}
            />
          ))}
        </Svg>
      ) : null}
    </View>
  );
}
