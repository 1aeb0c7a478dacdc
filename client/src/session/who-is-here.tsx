import { routes } from '@cricket/contract/routes';
import { roles, type SessionInfo } from '@cricket/contract/shapes';
import { useState } from 'react';
import { View } from 'react-native';

import { ask } from '../data/api';
import { persister } from '../data/persister';
import { keys, queryClient } from '../data/queries';
import { Button } from '../ui/button';
import { within } from '../ui/say';
import { Segments } from '../ui/segments';
import { ToPage } from '../ui/to-page';
import { Txt } from '../ui/txt';
import { HandOver } from './hand-over';
import { nothingToTell } from '../data/pin-later';
import { problemWords } from './problem-words';
import { forgetProofs } from '../data/proved-here';
import { OwnLanguage } from './own-language';
import { OwnSecretsForm } from './own-secrets-form';
import { takeOver, useMay, useSession } from '../data/use-session';
import { words } from './words';

/** Who is at this phone; handing it over, signing out. */
export function WhoIsHere() {
  const session = useSession();
  const { own } = useMay();
  const [problem, setProblem] = useState<string[]>([]);
  const [sure, setSure] = useState(false);
  const me = session.data?.person;
  if (!me) return null;
  const settle = async (asked: Promise<SessionInfo>): Promise<void> => {
    try {
      const info = await asked;
      setProblem([]);
      if (!info.person) {
        // What was read stays with the shop, not with the phone.
        // Who is here stays: the door listens to it.
        queryClient.removeQueries({ predicate: ({ queryKey }) => queryKey[0] !== keys.session[0] });
        await persister.removeClient();
        forgetProofs();
        nothingToTell();
      }
      takeOver(info);
    } catch (error) {
      setProblem(problemWords(error));
    }
  };
  return (
    <View className="gap-3">
      <View>
        <Txt size="label" figure tone="soft" heading={2}>
          {words.here}
        </Txt>
        <Txt size="title" bold testID="who">{`${me.name}, ${within(words.roles[me.role])}`}</Txt>
        <Txt tone="soft">{words.may[me.role]}</Txt>
      </View>
      {session.data?.demo ? (
        <View className="gap-1">
          <Txt bold>{words.demoRoles}</Txt>
          <Segments
            label={words.demoRoles}
            options={roles.map((role) => [role, words.roles[role]] as const)}
            value={me.role}
            onChange={(role) => void settle(ask<SessionInfo>('POST', routes.demoSession, { role }))}
          />
        </View>
      ) : null}
      <OwnLanguage />
      <HandOver />
      {problem.map((line) => (
        <Txt key={line} role="alert" tone="stop" bold>
          {line}
        </Txt>
      ))}
      {own ? (
        <ToPage to="/people" className="min-h-[48px] justify-center">
          <Txt bold className="underline">
            {words.people}
          </Txt>
        </ToPage>
      ) : null}
      {session.data?.demo ? null : (
        <>
          <OwnSecretsForm />
          <View className="flex-row flex-wrap gap-2">
            <Button label={words.leave} onPress={() => void settle(ask('DELETE', routes.session))} />
            <Button
              label={sure ? words.leaveSure : words.leaveAll}
              look="stop"
              onPress={() => (sure ? void settle(ask('DELETE', routes.everySession)) : setSure(true))}
            />
          </View>
        </>
      )}
    </View>
  );
}
