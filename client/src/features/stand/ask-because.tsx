import { useState } from 'react';
import { View } from 'react-native';

import { Button } from '../../ui/button';
import { Opened } from '../../ui/opened';
import { TextLine } from '../../ui/text-line';
import { Txt } from '../../ui/txt';
import { words } from './words';

export interface AskBecauseProps {
  /** What the reason is for. */
  ending: 'skipped' | 'problem';
  onKeep: (because: string) => void;
  onCancel: () => void;
}

/** Why a step is skipped, or what is wrong with it. */
export function AskBecause({ ending, onKeep, onCancel }: AskBecauseProps) {
  const [because, setBecause] = useState('');
  return (
    <Opened onClose={onCancel} className="mx-4 my-2 gap-2 border-2 border-ink p-3">
      <Txt bold>{words.askBecause[ending]}</Txt>
      <TextLine label={words.because} value={because} onChange={setBecause} maxLength={400} testID="step-because" />
      <View className="flex-row gap-2">
        <Button label={words.cancel} onPress={onCancel} className="flex-1" />
        <Button
          label={words.keepBecause[ending]}
          look="do"
          disabled={because.trim().length < 3}
          onPress={() => onKeep(because.trim())}
          className="flex-1"
          testID="keep-because"
        />
      </View>
    </Opened>
  );
}
