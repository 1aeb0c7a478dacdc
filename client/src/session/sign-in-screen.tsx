import { routes } from '@cricket/contract/routes';
import type { SessionInfo } from '@cricket/contract/shapes';
import { useState } from 'react';
import { View } from 'react-native';

import { ask } from '../data/api';
import { useOutbox } from '../data/use-outbox';
import { Button } from '../ui/button';
import { TextLine } from '../ui/text-line';
import { Txt } from '../ui/txt';
import { problemWords } from './problem-words';
import { takeOver } from '../data/use-session';
import { words } from './words';

/** The door: name and password; in a shop without anybody, the first owner. */
export function SignInScreen({ empty }: { empty: boolean }) {
  const { writes } = useOutbox();
  const [name, setName] = useState('');
  const [password, setPassword] = useState('');
  const [problem, setProblem] = useState<string[]>([]);
  const [busy, setBusy] = useState(false);
  const enter = async () => {
    setBusy(true);
    try {
      takeOver(await ask<SessionInfo>('POST', empty ? routes.firstOwner : routes.session, { name, password }));
    } catch (error) {
      setProblem(problemWords(error));
    } finally {
      setBusy(false);
    }
  };
  return (
    <View role="main" className="min-h-0 flex-1 items-center bg-paper px-4 pt-12">
      <View className="w-full max-w-[440px] gap-4">
        <Txt size="stand" bold heading={1}>
          {empty ? words.firstTitle : words.title}
        </Txt>
        <Txt tone="soft">{empty ? words.firstLead : words.lead}</Txt>
        {writes.length > 0 ? <Txt bold>{words.waits(writes.length)}</Txt> : null}
        <TextLine label={words.name} value={name} onChange={setName} autoComplete="username" testID="sign-in-name" />
        <TextLine
          label={words.password}
          hint={empty ? words.passwordHint : undefined}
          value={password}
          onChange={setPassword}
          onEnter={() => void enter()}
          secret
          autoComplete={empty ? 'new-password' : 'current-password'}
          testID="sign-in-password"
        />
        {problem.length > 0 ? (
          <View role="alert">
            {problem.map((line) => (
              <Txt key={line} tone="stop" bold>
                {line}
              </Txt>
            ))}
          </View>
        ) : null}
        <Button
          label={empty ? words.begin : words.signIn}
          look="do"
          disabled={busy || name.trim() === '' || password === ''}
          onPress={() => void enter()}
          testID="enter"
        />
      </View>
    </View>
  );
}
