import { simulatedCaliper, type SimulatedCaliper } from '@cricket/core/simulated-caliper';
import type { LengthFeature } from '@cricket/core/features';
import { useEffect, useRef, useState } from 'react';
import { View } from 'react-native';

import { useShop } from '../../../data/use-bikes';
import { Button } from '../../../ui/button';
import { Txt } from '../../../ui/txt';
import { serialSource, type LineSource, type SerialPortLike } from './line-reader';
import { trueLengthMm } from './true-lengths';
import { words } from './words';

/** As much of the browser's serial ports as is used. */
interface SerialLike {
  requestPort(): Promise<SerialPortLike>;
}

let simulated: SimulatedCaliper | undefined;
let connected: LineSource | null = null;

export interface CaliperPanelProps {
  feature: LengthFeature;
  medianMm: number | null;
  /** A reading, as if it had been typed and entered. */
  onReading: (text: string) => void;
}

/** Calipers that do not type by themselves: the simulated one of the demo, and one at a serial port. */
export function CaliperPanel({ feature, medianMm, onReading }: CaliperPanelProps) {
  const shop = useShop();
  const { serial } = navigator as { serial?: SerialLike };
  const latest = useRef(onReading);
  const [listening, setListening] = useState(connected !== null);
  const [failed, setFailed] = useState(false);
  useEffect(() => {
    latest.current = onReading;
    // The caliper stays connected from one feature to the next: it speaks to whichever is in hand.
    heard = (text) => latest.current(text);
  });
  const connect = async () => {
    setFailed(false);
    try {
      const source = serialSource(await serial!.requestPort());
      await source.start((text) => heard(text));
      connected = source;
      setListening(true);
    } catch (error) {
      // Choosing no port is no failure.
      if ((error as { name?: string }).name !== 'NotFoundError') setFailed(true);
    }
  };
  const disconnect = async () => {
    await connected?.stop();
    connected = null;
    setListening(false);
  };
  return (
    <View className="flex-row flex-wrap gap-2 px-4 py-2">
      {shop.data?.demo ? (
        <Button
          label={words.simulated}
          low
          onPress={() => {
            simulated ??= simulatedCaliper(Date.now() % 100_000);
            onReading(simulated.read(trueLengthMm(feature, medianMm)).text);
          }}
          testID="simulated-caliper"
        />
      ) : null}
      {serial ? (
        <Button
          label={listening ? words.serialStop : words.serial}
          low
          onPress={() => void (listening ? disconnect() : connect())}
        />
      ) : null}
      {failed ? (
        <Txt role="alert" tone="stop">
          {words.serialGone}
        </Txt>
      ) : null}
    </View>
  );
}

/** Whoever measures now. */
let heard: (text: string) => void = () => undefined;
