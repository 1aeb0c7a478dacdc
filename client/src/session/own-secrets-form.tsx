import { routes } from '@cricket/contract/routes';
import type { SessionInfo } from '@cricket/contract/shapes';
import { useState } from 'react';
import { Pressable, View } from 'react-native';

import { ask } from '../data/api';
import { Button } from '../ui/button';
import { TextLine } from '../ui/text-line';
import { Txt } from '../ui/txt';
import { problemWords } from './problem-words';
import { takeOver } from '../data/use-session';
import { words } from './words';

/** One's own password and PIN. */
export function OwnSecretsForm() {
  const [open, setOpen] = useState(false);
  const [password, setPassword] = useState('');
  const [newPassword, setNewPassword] = useState('');
  const [pin, setPin] = useState('');
  const [told, setTold] = useState<string[]>([]);
  const keep = async () => {
    try {
      const body = { password, ...(newPassword && { newPassword }), ...(pin && { pin }) };
      takeOver(await ask<SessionInfo>('PUT', routes.ownSecrets, body));
      setTold([words.kept]);
      for (const clear of [setPassword, setNewPassword, setPin]) clear('');
    } catch (error) {
      setTold(problemWords(error));
    }
  };
  return (
    <View className="gap-3">
      <Pressable
        role="button"
        aria-expanded={open}
        onPress={() => setOpen(!open)}
        className="min-h-[48px] justify-center"
      >
        <Txt bold className="underline">
          {words.secrets}
        </Txt>
      </Pressable>
      {open ? (
        <>
          <TextLine label={words.oldPassword} value={password} onChange={setPassword} secret />
          <TextLine
            label={words.newPassword}
            hint={words.leaveEmpty}
            value={newPassword}
            onChange={setNewPassword}
            secret
            autoComplete="new-password"
          />
          <TextLine label={words.newPin} hint={words.leaveEmpty} value={pin} onChange={setPin} secret digits />
          {told.map((line) => (
            <Txt key={line} role="status" bold>
              {line}
            </Txt>
          ))}
          <Button
            label={words.keep}
            disabled={password === '' || (newPassword === '' && pin === '')}
            onPress={() => void keep()}
            className="self-start"
          />
        </>
      ) : null}
    </View>
  );
}
