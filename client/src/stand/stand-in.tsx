import { reasonOfSubstance, saysSomething } from '@cricket/core/procedure';
import { useState } from 'react';
import { View } from 'react-native';

import { HandOver } from '../session/hand-over';
import { RoleButton } from '../session/role-button';
import { useMay } from '../session/use-session';
import { Button } from '../ui/button';
import { Opened } from '../ui/opened';
import { TextLine } from '../ui/text-line';
import { Txt } from '../ui/txt';
import { words as all } from './words';

const words = all.standIn;

export interface StandInProps {
  /** The step cannot be done at all: it is only signed. */
  signed: boolean;
  onKeep: (because: string) => void;
  onCancel: (() => void) | null;
}

/** A step that safety hangs on and that nobody does: the owner answers for it, with a reason that says something. */
export function StandIn({ signed, onKeep, onCancel }: StandInProps) {
  const may = useMay();
  const [because, setBecause] = useState('');
  return (
    <Opened onClose={onCancel} className="mx-4 my-2 gap-2 border-2 border-stop p-3" testID="stand-in">
      <Txt bold>{signed ? words.signed : words.title}</Txt>
      <Txt>{words.lead}</Txt>
      {may.own ? null : <HandOver title={words.takes} to={['owner']} />}
      <TextLine
        label={words.because}
        hint={words.hint(reasonOfSubstance.characters, reasonOfSubstance.words)}
        value={because}
        onChange={setBecause}
        maxLength={400}
        testID="stand-in-because"
      />
      <View className="flex-row gap-2">
        {onCancel ? <Button label={all.cancel} onPress={onCancel} className="flex-1" /> : null}
        <RoleButton
          needs="own"
          label={words.keep}
          look="stop"
          disabled={!saysSomething(because)}
          onPress={() => onKeep(because.trim())}
          className="flex-1"
          testID="keep-stand-in"
        />
      </View>
    </Opened>
  );
}
