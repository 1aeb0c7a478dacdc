import { routes } from '@cricket/contract/routes';
import { roles, type Person, type SessionInfo } from '@cricket/contract/shapes';
import { useQuery } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { Pressable, View } from 'react-native';

import { ask, read } from '../data/api';
import { persister } from '../data/persister';
import { keys, queryClient } from '../data/queries';
import { Button } from '../ui/button';
import { Segments } from '../ui/segments';
import { TextLine } from '../ui/text-line';
import { Txt } from '../ui/txt';
import { problemWords } from './problem-words';
import { OwnSecretsForm } from './own-secrets-form';
import { takeOver, useMay, useSession } from './use-session';
import { words } from './words';

/** The people of the shop. */
export function usePeople() {
  return useQuery({ queryKey: keys.people, queryFn: ({ signal }) => read<Person[]>(routes.people, signal) });
}

/** Who is at this phone; handing it over, signing out. */
export function WhoIsHere() {
  const router = useRouter();
  const session = useSession();
  const { own } = useMay();
  const [problem, setProblem] = useState<string[]>([]);
  const [sure, setSure] = useState(false);
  const me = session.data?.person;
  if (!me) return null;
  const settle = async (asked: Promise<SessionInfo>): Promise<boolean> => {
    try {
      const info = await asked;
      setProblem([]);
      if (!info.person) {
        // What was read stays with the shop, not with the phone.
        // Who is here stays: the door listens to it.
        queryClient.removeQueries({ predicate: ({ queryKey }) => queryKey[0] !== keys.session[0] });
        await persister.removeClient();
      }
      takeOver(info);
      return true;
    } catch (error) {
      setProblem(problemWords(error));
      return false;
    }
  };
  return (
    <View className="gap-3">
      <View>
        <Txt size="label" figure tone="soft" heading={2}>
          {words.here}
        </Txt>
        <Txt size="title" bold testID="who">{`${me.name}, ${words.roles[me.role].toLowerCase()}`}</Txt>
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
      <HandOver meId={me.id} onTake={(personId, pin) => settle(ask('POST', routes.pinSwitch, { personId, pin }))} />
      {problem.map((line) => (
        <Txt key={line} role="alert" tone="stop" bold>
          {line}
        </Txt>
      ))}
      {own ? (
        <Pressable
          role="link"
          onPress={() => router.navigate('/people' as never)}
          className="min-h-[48px] justify-center"
        >
          <Txt bold className="underline">
            {words.people}
          </Txt>
        </Pressable>
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

/** Another person takes the phone: name, PIN, done. */
function HandOver({ meId, onTake }: { meId: string; onTake: (personId: string, pin: string) => Promise<boolean> }) {
  const people = usePeople();
  const [picked, setPicked] = useState<string | undefined>();
  const [pin, setPin] = useState('');
  const others = (people.data ?? []).filter(({ id, hasPin, active }) => id !== meId && hasPin && active);
  const chosen = others.find(({ id }) => id === picked);
  const take = async () => {
    if (!chosen) return;
    setPin('');
    // After a slip the same person tries again.
    if (await onTake(chosen.id, pin)) setPicked(undefined);
  };
  return (
    <View className="gap-2">
      <Txt bold>{words.handOver}</Txt>
      {others.length === 0 ? <Txt tone="soft">{words.noPins}</Txt> : null}
      <Segments
        label={words.handOver}
        options={others.map(({ id, name }) => [id, name] as const)}
        value={picked}
        onChange={setPicked}
      />
      {chosen ? (
        <View className="flex-row items-end gap-2">
          <View className="min-w-0 flex-1">
            <TextLine
              label={words.pin(chosen.name)}
              value={pin}
              onChange={setPin}
              onEnter={() => void take()}
              secret
              digits
              maxLength={8}
              autoComplete="off"
              testID="pin"
            />
          </View>
          <Button label={words.take} look="do" disabled={!/^\d{4,8}$/.test(pin)} onPress={() => void take()} />
        </View>
      ) : null}
    </View>
  );
}
