import type { Wheel } from '@cricket/contract/shapes';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';

import { useWheels } from '../../data/use-bikes';
import { Button } from '../../ui/button';
import { Failed, Fetching, Notice } from '../../ui/notice';
import { SearchLine } from '../../ui/search-line';
import { Screen } from '../../ui/screen';
import { ToPage } from '../../ui/to-page';
import { Txt } from '../../ui/txt';
import { useWide } from '../../ui/use-wide';
import { kitLine, wheelLine } from './wheel-facts';
import { WheelsTable } from './wheels-table';
import { words } from './words';
import { wheelPath } from '../../ui/pages';

/** The catalogue of motor wheels. */
export function WheelsScreen({ openId }: { openId?: string | undefined }) {
  const router = useRouter();
  const { data, isPending, error, refetch } = useWheels();
  const [search, setSearch] = useState('');
  const sought = search.trim().toLowerCase();
  const said = (wheel: Wheel) =>
    `${wheel.code} ${words[wheel.soldFor]} ${wheelLine(wheel)} ${kitLine(wheel)} ${wheel.note}`.toLowerCase();
  const wheels = (data ?? [])
    .filter((wheel) => said(wheel).includes(sought))
    .sort((a, b) => a.code.localeCompare(b.code, 'en', { numeric: true }));
  const wide = useWide();
  const add = () => router.navigate('/wheels/new');
  return (
    <Screen
      title={words.title}
      beside={openId !== undefined}
      action={<Button label={words.add} look="do" onPress={add} low />}
    >
      {isPending ? <Fetching /> : null}
      {error && !data ? <Failed retry={() => void refetch()} /> : null}
      {data?.length === 0 ? (
        <Notice
          title={words.none}
          because={words.noneWhy}
          action={{ label: words.open, onPress: () => router.navigate('/open') }}
        />
      ) : null}
      {data && data.length > 0 ? (
        <View className="px-4 pb-2">
          <SearchLine
            label={words.search(wheels.length, data.length)}
            value={search}
            onChange={setSearch}
            testID="search-wheels"
          />
        </View>
      ) : null}
      {wide && wheels.length > 0 ? <WheelsTable wheels={wheels} openId={openId} /> : null}
      {wide ? null : wheels.map((wheel) => <Row key={wheel.id} wheel={wheel} />)}
    </Screen>
  );
}

function Row({ wheel }: { wheel: Wheel }) {
  return (
    <ToPage to={wheelPath(wheel.id)} className="min-h-[64px] justify-center border-b border-rule px-4 py-2">
      <Txt size="lead" bold>
        {wheel.code}
        <Txt tone="soft">{`  ${words[wheel.soldFor]}`}</Txt>
      </Txt>
      <Txt tone="soft">{wheelLine(wheel)}</Txt>
      {wheel.kit ? <Txt tone="soft">{kitLine(wheel)}</Txt> : null}
      {wheel.kit?.unmeasured?.length ? (
        <Txt tone="unknown">{words.patternLeft(wheel.kit.unmeasured.length)}</Txt>
      ) : null}
    </ToPage>
  );
}
