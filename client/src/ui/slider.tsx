import { inUnits } from '@cricket/core/units';
import { useId } from 'react';
import { View } from 'react-native';

import { useShopUnits } from './shop-units';
import { Txt } from './txt';

export interface SliderProps {
  label: string;
  /** The value in words, such as "40 N·m". */
  shown: string;
  value: number;
  min: number;
  max: number;
  step: number;
  onChange: (value: number) => void;
  testID?: string;
}

/** A figure that is pushed to and fro. */
export function Slider({ label, shown, value, min, max, step, onChange, testID }: SliderProps) {
  const id = useId();
  const { units } = useShopUnits();
  return (
    <View className="px-4">
      <View className="flex-row items-baseline justify-between">
        <Txt nativeID={id}>{label}</Txt>
        <Txt figure bold size="lead">
          {shown}
        </Txt>
      </View>
      <input
        type="range"
        aria-labelledby={id}
        aria-valuetext={inUnits(shown, units)}
        data-testid={testID}
        value={value}
        min={min}
        max={max}
        step={step}
        onChange={({ target }) => onChange(Number(target.value))}
      />
    </View>
  );
}
