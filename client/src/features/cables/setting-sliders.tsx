import type { CableRunsInput, Setting } from '@cricket/core/cable-runs';
import { View } from 'react-native';

import { figure } from '../../ui/figure-text';
import { Segments } from '../../ui/segments';
import { Slider } from '../../ui/slider';
import { words } from './words';

export interface SettingSlidersProps {
  input: CableRunsInput;
  setting: Setting;
  onChange: (setting: Setting) => void;
}

/** Bars from lock to lock, the fork in, the rear up; or a folded pose. */
export function SettingSliders({ input, setting, onChange }: SettingSlidersProps) {
  const { head, forkTravelMm, rearTravel, poses = [] } = input;
  const { left, right } = head.lockDeg;
  const { steerDeg, travelMm, swingDeg, pose } = setting;
  const side = steerDeg > 0 ? 'left' : steerDeg < 0 ? 'right' : null;
  const { pose: _, ...unfolded } = setting;
  return (
    <View className="gap-2 pb-2">
      {left + right > 0 ? (
        <Slider
          label={words.steer}
          shown={words.steered(figure(Math.abs(steerDeg), 0), side)}
          // As the rider sees it: to the left is to the left.
          value={-steerDeg}
          min={-left}
          max={right}
          step={1}
          onChange={(value) => onChange({ ...unfolded, steerDeg: 0 - value })}
          testID="steer"
        />
      ) : null}
      {forkTravelMm > 0 ? (
        <Slider
          label={words.travel}
          shown={`${figure(travelMm, 0)} mm`}
          value={travelMm}
          min={0}
          max={forkTravelMm}
          step={1}
          onChange={(value) => onChange({ ...unfolded, travelMm: value })}
          testID="travel"
        />
      ) : null}
      {rearTravel && rearTravel.deg > 0 ? (
        <Slider
          label={words.swing}
          shown={`${figure(swingDeg, 1)}°`}
          value={swingDeg}
          min={0}
          max={rearTravel.deg}
          step={0.5}
          onChange={(value) => onChange({ ...unfolded, swingDeg: value })}
          testID="swing"
        />
      ) : null}
      {poses.length > 0 ? (
        <View className="px-4">
          <Segments
            label={words.folded}
            options={[['', words.unfolded] as const, ...poses.map(({ id }) => [id, id] as const)]}
            value={pose ?? ''}
            onChange={(id) => onChange(id ? { steerDeg: 0, travelMm: 0, swingDeg: 0, pose: id } : unfolded)}
          />
        </View>
      ) : null}
    </View>
  );
}
