import type { Carried, ConnectionsResult, PlugJoin, WiringPlug } from '@cricket/core/connections';
import { View } from 'react-native';

import { Mark } from '../../ui/mark';
import { Txt } from '../../ui/txt';
import { words } from './words';

/** Every join contact by contact; what is moved, capped, missing, and what could be confused. */
export function JoinTables({ plugs, result }: { plugs: readonly WiringPlug[]; result: ConnectionsResult }) {
  const { joins, unused, missing, confusable } = result;
  const half = ({ family, gender, key, pins }: ConnectionsResult['missing'][number]['from']) =>
    words.half(family, words.genderWords[gender], key, pins);
  return (
    <View>
      <Heading text={words.joins} />
      {joins.map((join) => (
        <Join key={join.a} join={join} plugs={plugs} />
      ))}
      <Lines title={words.unused} lines={unused.map(({ id, live }) => (live ? `${id}: ${words.live}` : id))} />
      <Lines title={words.missing} lines={missing.map(({ from, to }) => words.missingSays(half(from), half(to)))} />
      <Lines title={words.confusable} lines={confusable.map(({ a, b, harm }) => words.pair(a, b, harm))} />
    </View>
  );
}

function Join({ join, plugs }: { join: PlugJoin; plugs: readonly WiringPlug[] }) {
  const { a, b, way, adapters, verdict, pins, table } = join;
  const wires = (plug: string, n: number | null) =>
    plugs.find(({ id }) => id === plug)?.pins.find((pin) => pin.n === n)?.wire;
  return (
    <View className="border-t border-rule px-4 py-2">
      <View className="flex-row items-center gap-3">
        <Mark verdict={verdict} size={24} />
        <View className="min-w-0 flex-1">
          <Txt bold>{words.joinOf(a, b)}</Txt>
          <Txt size="label" tone="soft">
            {adapters.length > 0 ? words.by(adapters.join(', ')) : words.ways[way]}
          </Txt>
        </View>
      </View>
      {pins.map((pin) => (
        <View key={pin.a} className="flex-row gap-3 pl-9">
          <Txt figure bold className="w-16">
            {words.contact(pin.a, pin.b)}
          </Txt>
          <Txt className="min-w-0 flex-1">{carriesWord(pin.carries)}</Txt>
          <Txt tone="soft">{[wires(a, pin.a), wires(b, pin.b)].filter(Boolean).join(' · ')}</Txt>
        </View>
      ))}
      {table ? (
        <View className="gap-1 pl-9 pt-2">
          <Txt bold>{words.table(b)}</Txt>
          {table.map(({ pin, to, carries, wire }) => (
            <Txt key={pin}>{words.move([wire, carriesWord(carries)].filter(Boolean).join(', '), pin, to)}</Txt>
          ))}
        </View>
      ) : null}
    </View>
  );
}

const carriesWord = (carries: Carried | null): string => (carries === null ? words.open : words.carries[carries]);

function Lines({ title, lines }: { title: string; lines: readonly string[] }) {
  if (lines.length === 0) return null;
  return (
    <View>
      <Heading text={title} />
      {lines.map((line) => (
        <Txt key={line} className="px-4 py-1">
          {line}
        </Txt>
      ))}
    </View>
  );
}

function Heading({ text }: { text: string }) {
  return (
    <Txt size="title" bold heading={2} className="px-4 pb-1 pt-4">
      {text}
    </Txt>
  );
}
