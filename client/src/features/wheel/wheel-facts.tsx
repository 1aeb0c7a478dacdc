import { within } from '../../ui/say';
import type { LoosePart, Wheel } from '@cricket/core/parts';
import { View } from 'react-native';

import { figure } from '../../ui/figure-text';
import { Txt } from '../../ui/txt';
import { CableExit } from './cable-exit';
import { kitWords } from './kit-words';
import { words } from './words';

/** A wheel in one line of figures. */
export function wheelLine({ axle, shoulderWidthMm, rotorFaceMm, smallSprocketMm, drive, regen }: Wheel): string {
  return [
    words[drive],
    words.flats(figure(axle.threadMm), figure(axle.flatsMm)),
    words.shoulder(figure(shoulderWidthMm)),
    rotorFaceMm === null ? words.noRotor : words.rotor,
    ...(smallSprocketMm === null ? [] : [words.sprockets]),
    ...(regen ? [words.regen] : []),
  ].join(' · ');
}

/** Motor, battery and controller of a kit in one line; empty while nobody has recorded them. */
export function kitLine({ kit }: Wheel): string {
  if (!kit) return '';
  const { motor, controller, battery } = kit;
  return [
    `${motor.ratedW} W`,
    `${controller.fullV} V`,
    ...(battery ? [`${battery.Wh} Wh`] : []),
    `${within(kitWords.fields['controller-topology'])}: ${within(kitWords.options[controller.topology] ?? controller.topology)}`,
  ].join(' · ');
}

/** Cable exit drawn, and the washers as delivered. */
export function WheelFacts({ wheel, delivered }: { wheel: Wheel; delivered?: Wheel['delivered'] }) {
  const { left, right } = delivered ?? wheel.delivered;
  return (
    <View className="flex-row flex-wrap gap-4 px-4 py-2">
      <CableExit wheel={wheel} />
      <View className="min-w-[180px] flex-1 gap-2">
        <Txt>{words.cable(words[wheel.cableExit])}</Txt>
        <Txt tone="soft">{words.down[wheel.downMark]}</Txt>
        <Txt size="label" figure tone="soft">
          {words.delivered}
        </Txt>
        <Txt size="lead" figure bold>
          {`${words.left}: ${partsLine(left)}`}
        </Txt>
        <Txt size="lead" figure bold>
          {`${words.right}: ${partsLine(right)}`}
        </Txt>
      </View>
    </View>
  );
}

/** Parts in one line, such as "1.5 · tab 2.5". */
export function partsLine(parts: readonly LoosePart[]): string {
  return (
    parts
      .map(
        ({ kind, thicknessMm }) =>
          `${kind === 'tabbed' ? 'tab ' : kind === 'plain' ? '' : `${kind} `}${figure(thicknessMm)}`,
      )
      .join(' · ') || '–'
  );
}
