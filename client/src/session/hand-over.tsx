import { routes } from '@cricket/contract/routes';
import { roles, type Person, type Role, type SessionInfo } from '@cricket/contract/shapes';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { View } from 'react-native';

import { ask, read, RefusedError } from '../data/api';
import { keys } from '../data/queries';
import { Button } from '../ui/button';
import { Segments } from '../ui/segments';
import { TextLine } from '../ui/text-line';
import { Txt } from '../ui/txt';
import { problemWords } from './problem-words';
import { nothingToTell, tellLater } from '../data/pin-later';
import { provesAgain, rememberProof } from '../data/proved-here';
import { takeOver, useMe, useSession } from '../data/use-session';
import { spokenNow } from '../ui/say';
import { words } from './words';

/** The server is away, and nobody here knows whether it is them. */
class NotProved extends Error {
  override readonly name = 'NotProved';
}

/** The people of the shop. */
export function usePeople() {
  return useQuery({ queryKey: keys.people, queryFn: ({ signal }) => read<Person[]>(routes.people, signal) });
}

export interface HandOverProps {
  title?: string;
  to?: readonly Role[];
  /** Somebody else has the phone now. */
  onTaken?: () => void;
}

/** Another person takes the phone: name, PIN, done. Without network those may who have proved to be themselves here before. */
export function HandOver({ title = words.handOver, to = roles, onTaken }: HandOverProps) {
  const me = useMe();
  const session = useSession();
  const people = usePeople();
  const [picked, setPicked] = useState<string | undefined>();
  const [pin, setPin] = useState('');
  const [problem, setProblem] = useState<string[]>([]);
  const others = (people.data ?? []).filter(
    ({ id, hasPin, active, role }) => id !== me.id && hasPin && active && to.includes(role),
  );
  const chosen = others.find(({ id }) => id === picked);
  const take = async () => {
    if (!chosen) return;
    setPin('');
    try {
      takeOver(await taken(chosen, pin));
      setProblem([]);
      setPicked(undefined);
      onTaken?.();
    } catch (error) {
      // After a slip the same person tries again.
      setProblem(error instanceof NotProved ? [words.notProved(chosen.name)] : problemWords(error));
    }
  };
  /** By the server where it answers; else by what was proved at this phone before. */
  const taken = async ({ id, name, role }: Person, typed: string): Promise<SessionInfo> => {
    try {
      const info = await ask<SessionInfo>('POST', routes.pinSwitch, { personId: id, pin: typed });
      nothingToTell();
      const remembered = rememberProof({ id, name, role }, typed);
      // The page begins anew for another language; this must not be lost with it.
      if (info.language && info.language !== spokenNow()) await remembered;
      return info;
    } catch (error) {
      if (error instanceof RefusedError || !session.data) throw error;
      const person = await provesAgain(id, typed);
      if (!person) throw new NotProved(name);
      tellLater(id, typed);
      return { ...session.data, person: { ...session.data.person, ...person } as SessionInfo['person'] };
    }
  };
  return (
    <View className="gap-2">
      <Txt bold>{title}</Txt>
      {others.length === 0 ? <Txt tone="soft">{words.noPins}</Txt> : null}
      <Segments
        label={title}
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
              autoFocus
              testID="pin"
            />
          </View>
          <Button label={words.take} look="do" disabled={!/^\d{4,8}$/.test(pin)} onPress={() => void take()} />
        </View>
      ) : null}
      {problem.map((line) => (
        <Txt key={line} role="alert" tone="stop" bold>
          {line}
        </Txt>
      ))}
    </View>
  );
}
