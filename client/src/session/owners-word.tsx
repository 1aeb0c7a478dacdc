import { reasonOfSubstance, saysSomething } from '@cricket/core/procedure';
import { useState } from 'react';
import { View } from 'react-native';

import { Button, type ButtonProps } from '../ui/button';
import { TextLine } from '../ui/text-line';
import { HandOver } from './hand-over';
import { RoleButton } from './role-button';
import { useMay } from '../data/use-session';
import { words } from './words';

export interface OwnersWordProps {
  /** What is asked, as it will be read in a year. */
  label: string;
  keep: string;
  look?: ButtonProps['look'];
  onWord: (because: string) => void;
  /** Left out: there is no way back. */
  onCancel?: (() => void) | null;
  /** Names its field and its button. */
  about: string;
}

/** What the owner alone may answer for: the phone is handed over, and a reason written that says something. */
export function OwnersWord({ label, keep, look = 'do', onWord, onCancel = null, about }: OwnersWordProps) {
  const may = useMay();
  const [because, setBecause] = useState('');
  return (
    <View className="gap-2">
      {may.own ? null : <HandOver title={words.ownerTakes} to={['owner']} />}
      <TextLine
        label={label}
        hint={words.reasonHint(reasonOfSubstance.characters, reasonOfSubstance.words)}
        value={because}
        onChange={setBecause}
        maxLength={400}
        testID={`${about}-because`}
      />
      <View className="flex-row gap-2">
        {onCancel ? <Button label={words.cancel} onPress={onCancel} className="flex-1" /> : null}
        <RoleButton
          needs="own"
          label={keep}
          look={look}
          disabled={!saysSomething(because)}
          onPress={() => onWord(because.trim())}
          className="flex-1"
          testID={`keep-${about}`}
        />
      </View>
    </View>
  );
}
