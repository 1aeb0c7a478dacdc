import type { End } from '@cricket/core/features';
import { chosenWheelId } from '@cricket/core/choices';
import { axleAt } from '@cricket/core/model';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';

import { useTakeKit } from '../../job/bike/use-take-kit';
import { useBike } from '../../data/use-bikes';
import { useWorkshop } from '../../data/use-workshop';
import { useWrites } from '../../data/use-writes';
import { featureWords } from '../../job/reading/feature-words';
import { Button } from '../../ui/button';
import { Notice } from '../../ui/notice';
import { Screen } from '../../ui/screen';
import { ToPage } from '../../ui/to-page';
import { Txt } from '../../ui/txt';
import { useWide } from '../../ui/use-wide';
import { Compared } from './compared';
import { KitList } from './kit-list';
import { whenceOf } from '../../job/findings/ways-out';
import { everyKit, isShown, type KitFilter } from './kit-filter';
import { KitFilters } from './kit-filters';
import { KitSheet } from './kit-sheet';
import { KitTable } from './kit-table';
import { Searching } from './searching';
import { tellingReading, type MatchLine } from '../../workers/match-line';
import { useMatch } from './use-match';
import { words } from './words';
import { bikePath, endPath, measurePath, waysPath, wheelPath } from '../../ui/pages';
import { BikeNotThere } from '../../job/bike/bike-not-there';
import { say } from '../../ui/say';

/** Every kit of the catalogue at both ends, best first: a list on a wide screen, one at a time on a phone. */
export function MatchScreen() {
  const { bikeId, end: endInAddress } = useLocalSearchParams<{ bikeId: string; end: string }>();
  const end: End = endInAddress === 'rear' ? 'rear' : 'front';
  const router = useRouter();
  const wide = useWide();
  const { choose } = useWrites();
  const takeKit = useTakeKit();
  const bike = useBike(bikeId);
  const { workshop, settings, ready } = useWorkshop();
  const { lines, refused, progress, failed, cancelled, cancel, again } = useMatch(
    bike.record,
    workshop,
    ready ? settings : null,
  );
  const [at, setAt] = useState<number | null>(null);
  const [pair, setPair] = useState<readonly MatchLine[]>([]);
  const [filter, setFilter] = useState<KitFilter>(everyKit);
  if (!bike.record) {
    return <BikeNotThere bikeId={bikeId} asked={[bike]} />;
  }
  const { record } = bike;
  const { choices } = record;
  const chosenAt = (where: End) => chosenWheelId(choices, where);
  const take = (line: MatchLine) => {
    takeKit(record, line.end, line.wheelId);
    if (line.end !== end) void choose(bikeId, { place: axleAt(line.end), kind: 'place' });
    router.navigate(endPath(bikeId, line.end, 'order'));
  };
  const telling = lines && tellingReading(lines);
  const shown = lines && lines.filter((one) => isShown(one, filter));
  const mark = (line: MatchLine) =>
    setPair(pair.includes(line) ? pair.filter((item) => item !== line) : [...pair, line].slice(-2));
  const line = at === null ? undefined : shown?.[Math.min(at, shown.length - 1)];
  const body = () => {
    if (failed) return <Notice title={words.failed} action={{ label: words.again, onPress: again }} />;
    if (!lines) {
      return <Searching progress={progress} cancelled={cancelled} cancel={cancel} again={again} />;
    }
    if (lines.length === 0) {
      return <Notice title={words.none} because={words.noneWhy} to={{ label: words.toOpen, path: '/open' }} />;
    }
    if (pair.length === 2) return <Compared pair={pair} onTake={take} onClose={() => setPair([])} />;
    if (line && !wide) return sheet(line);
    if (shown!.length === 0) {
      return (
        <Notice title={words.filter.none} action={{ label: words.filter.every, onPress: () => setFilter(everyKit) }} />
      );
    }
    if (wide) {
      return <KitTable lines={shown!} all={lines} pair={pair} chosenAt={chosenAt} onTake={take} onMark={mark} />;
    }
    return <KitList lines={shown!} all={lines} chosenAt={chosenAt} onOpen={setAt} />;
  };
  const sheet = (line: MatchLine) => (
    <KitSheet
      line={line}
      whence={whenceOf(record, line.end, { id: line.wheelId, code: line.code })}
      at={shown!.indexOf(line)}
      count={shown!.length}
      marked={pair.includes(line)}
      chosen={chosenAt(line.end) === line.wheelId}
      onShow={(next) => setAt(Math.min(Math.max(next, 0), shown!.length - 1))}
      onMark={() => mark(line)}
      onClose={() => setAt(null)}
    />
  );
  return (
    <Screen
      title={words.title}
      tag={bike.record.bike.tag}
      backTo={bikePath(bikeId)}
      footer={
        !wide && line && pair.length < 2 ? (
          <Button
            label={words.take(line.code, words.at[line.end])}
            look="do"
            onPress={() => take(line)}
            testID="take-kit"
          />
        ) : null
      }
    >
      {telling && pair.length < 2 && !line ? (
        <ToPage
          to={measurePath(bikeId, telling.end, telling.feature)}
          className="mx-4 mb-2 min-h-[56px] justify-center border-2 border-ink bg-sheet px-3 py-2"
          testID="read-next"
        >
          <Txt size="label" figure tone="soft">
            {words.readNextTitle}
          </Txt>
          <Txt bold className="underline">
            {words.readNext(featureWords(telling.feature).title, telling.kits)}
          </Txt>
        </ToPage>
      ) : null}
      {lines && shown && lines.length > 1 && pair.length < 2 && (wide || !line) ? (
        <KitFilters filter={filter} shown={shown.length} all={lines.length} onChange={setFilter} />
      ) : null}
      {body()}
      {refused.map(({ wheel, end: where, refused: why }) => (
        <ToPage
          key={`${wheel.id}${where}`}
          to={wheelPath(wheel.id)}
          className="min-h-[56px] justify-center border-b border-rule px-4 py-2"
        >
          <Txt bold>{words.refused(wheel.code, words.at[where])}</Txt>
          <Txt tone="unknown">{say(why.message)}</Txt>
        </ToPage>
      ))}
      <ToPage to={waysPath(bikeId)} className="min-h-[48px] justify-center px-4" testID="to-ways">
        <Txt className="underline">{words.ways}</Txt>
      </ToPage>
      <ToPage to={endPath(bikeId, end, 'wheel')} className="min-h-[48px] justify-center px-4">
        <Txt className="underline">{words.delivered}</Txt>
      </ToPage>
    </Screen>
  );
}
