import type { MotorPlace, PlaceScore } from '@cricket/core/take-in';
import { Pressable, View } from 'react-native';
import Svg, { Line, Rect } from 'react-native-svg';

import { Mark } from '../../ui/mark';
import { useTones } from '../../ui/tones';
import { Txt } from '../../ui/txt';
import { words } from './words';
import { say } from '../../ui/say';

/** One place for the motor: its score as a rule from 0 to 100, its reasons under it. */
export function PlaceScoreRow({
  score,
  width,
  open,
  onOpen,
}: {
  score: PlaceScore;
  width: number;
  open: boolean;
  onOpen: (place: MotorPlace) => void;
}) {
  const { place, verdict, factors } = score;
  return (
    <View className="border-b border-rule py-2">
      <Pressable
        role="button"
        aria-expanded={open}
        onPress={() => onOpen(place)}
        className="min-h-[52px] flex-row items-center gap-2 px-4"
      >
        <Mark verdict={verdict} size={24} />
        <Txt bold className="w-24">
          {words.places[place]}
        </Txt>
        <View className="min-w-0 flex-1">
          <Scale value={score.score} width={Math.max(60, width - 230)} stopped={verdict === 'stop'} />
        </View>
        <Txt figure bold size="lead" className="w-16 text-right">
          {verdict === 'stop' ? words.stopped : Math.round(score.score)}
        </Txt>
      </Pressable>
      {open ? (
        <View className="gap-1 px-4 pb-2">
          {factors.map(({ id, value, weight, because }) => (
            <View key={id} className="flex-row gap-2">
              <Txt size="label" figure tone="soft" className="w-24">
                {words.factors[id]}
              </Txt>
              <Txt size="label" figure className="w-20">
                {value === null ? words.unknown : `${Math.round(value * 100)} × ${weight}`}
              </Txt>
              <Txt size="label" className="min-w-0 flex-1">
                {say(because)}
              </Txt>
            </View>
          ))}
        </View>
      ) : null}
    </View>
  );
}

function Scale({ value, width, stopped }: { value: number; width: number; stopped: boolean }) {
  const tones = useTones();
  return (
    <Svg width={width} height={26} aria-hidden>
      <Line x1={0} y1={20} x2={width} y2={20} stroke={tones.ink} strokeWidth={1.5} />
      {[0, 25, 50, 75, 100].map((tick) => (
        <Line
          key={tick}
          x1={(tick / 100) * (width - 2) + 1}
          y1={14}
          x2={(tick / 100) * (width - 2) + 1}
          y2={24}
          stroke={tones.ink}
          strokeWidth={1.2}
        />
      ))}
      {stopped ? (
        <Line x1={0} y1={4} x2={width} y2={16} stroke={tones.stop} strokeWidth={2} />
      ) : (
        <Rect x={0} y={6} width={(value / 100) * width} height={11} fill={tones.ink} />
      )}
    </Svg>
  );
}
