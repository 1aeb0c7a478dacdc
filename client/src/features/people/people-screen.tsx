import { routes } from '@cricket/contract/routes';
import { roles, type Person, type Role } from '@cricket/contract/shapes';
import { useState } from 'react';
import { View } from 'react-native';

import { ask } from '../../data/api';
import { keys, queryClient } from '../../data/queries';
import { readAnew } from '../../data/read-anew';
import { problemWords } from '../../session/problem-words';
import { useMay } from '../../data/use-session';
import { usePeople } from '../../session/hand-over';
import { words as session } from '../../session/words';
import { Button } from '../../ui/button';
import { Failed, Fetching } from '../../ui/notice';
import { Screen } from '../../ui/screen';
import { Segments } from '../../ui/segments';
import { TextLine } from '../../ui/text-line';
import { Txt } from '../../ui/txt';
import { words } from './words';

const blank = (): Person => ({
  id: crypto.randomUUID(),
  name: '',
  role: 'installer',
  active: true,
  hasPin: false,
  version: 0,
});

/** Who is in the shop and what each may do: the owner's page. */
export function PeopleScreen() {
  const people = usePeople();
  const { own } = useMay();
  const [editing, setEditing] = useState<Person | null>(null);
  return (
    <Screen
      title={words.title}
      backTo="/shop"
      footer={own && !editing ? <Button label={words.add} look="do" onPress={() => setEditing(blank())} /> : null}
    >
      <View className="max-w-[640px]">
        {people.data ? null : people.isPending ? <Fetching /> : <Failed retry={() => void people.refetch()} />}
        {editing ? <PersonForm key={editing.id} person={editing} onDone={() => setEditing(null)} /> : null}
        {editing
          ? null
          : (people.data ?? []).map((person) => (
              <View key={person.id} className="min-h-[64px] flex-row items-center gap-3 border-b border-rule px-4 py-2">
                <View className="min-w-0 flex-1">
                  <Txt bold>{person.name}</Txt>
                  <Txt tone="soft">
                    {[
                      session.roles[person.role],
                      person.hasPin ? words.withPin : words.withoutPin,
                      ...(person.active ? [] : [words.shutOut]),
                    ].join(' · ')}
                  </Txt>
                </View>
                {own ? <Button label={words.change} low onPress={() => setEditing(person)} /> : null}
              </View>
            ))}
      </View>
    </Screen>
  );
}

function PersonForm({ person, onDone }: { person: Person; onDone: () => void }) {
  const [name, setName] = useState(person.name);
  const [role, setRole] = useState<Role>(person.role);
  const [active, setActive] = useState(person.active);
  const [password, setPassword] = useState('');
  const [pin, setPin] = useState('');
  const [problem, setProblem] = useState<string[]>([]);
  const keep = async () => {
    const secrets = { ...(password && { password }), ...(pin && { pin }) };
    try {
      const body = { name: name.trim(), role, active, version: person.version, ...secrets };
      const people = await ask<Person[]>('PUT', routes.person(person.id), body);
      readAnew(queryClient, [keys.people], () => queryClient.setQueryData(keys.people, people));
      onDone();
    } catch (error) {
      setProblem(problemWords(error));
      readAnew(queryClient, [keys.people]);
    }
  };
  const hint = person.version > 0 ? session.leaveEmpty : '';
  return (
    <View className="gap-4 px-4 py-2">
      <TextLine label={session.name} value={name} onChange={setName} autoComplete="off" testID="person-name" />
      <View className="gap-1">
        <Txt bold>{words.role}</Txt>
        <Segments
          label={words.role}
          options={roles.map((option) => [option, session.roles[option]] as const)}
          value={role}
          onChange={setRole}
        />
        <Txt tone="soft">{session.may[role]}</Txt>
      </View>
      <TextLine
        label={session.password}
        hint={hint || session.passwordHint}
        value={password}
        onChange={setPassword}
        secret
        autoComplete="new-password"
        testID="person-password"
      />
      <TextLine
        label={words.pin}
        hint={hint || session.pinHint}
        value={pin}
        onChange={setPin}
        secret
        digits
        autoComplete="off"
        testID="person-pin"
      />
      <View className="gap-1">
        <Txt bold>{words.mayEnter}</Txt>
        <Segments
          label={words.mayEnter}
          options={[
            ['yes', words.yes],
            ['no', words.no],
          ]}
          value={active ? 'yes' : 'no'}
          onChange={(value) => setActive(value === 'yes')}
        />
      </View>
      {problem.map((line) => (
        <Txt key={line} role="alert" tone="stop" bold>
          {line}
        </Txt>
      ))}
      <View className="flex-row gap-2">
        <Button label={words.back} onPress={onDone} />
        <Button
          label={session.keep}
          look="do"
          disabled={name.trim() === ''}
          onPress={() => void keep()}
          testID="keep-person"
        />
      </View>
    </View>
  );
}
