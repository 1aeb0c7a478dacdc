import type { BikeRecord } from '@cricket/contract/shapes';
import type { CableRun, CableRunsResult, CableSpan, Setting } from '@cricket/core/cable-runs';
import { Pressable, View } from 'react-native';

import { figure } from '../../ui/figure-text';
import { Mark } from '../../ui/mark';
import { cableThingPath } from '../../ui/pages';
import { ToPage } from '../../ui/to-page';
import { Txt } from '../../ui/txt';
import { words } from './words';

export interface RunsProps {
  record: BikeRecord;
  result: CableRunsResult;
  picked: string | null;
  onPick: (id: string) => void;
  /** Puts bars, fork and swingarm where something is tightest. */
  onShow: (setting: Setting) => void;
}

/** Every cable with what it needs and has; the picked one span by span. */
export function Runs({ record, result, picked, onPick, onShow }: RunsProps) {
  const supplied = new Map(record.bike.facts.cables?.runs?.map(({ id, suppliedMm }) => [id, suppliedMm]));
  return (
    <View>
      <Txt size="title" bold heading={2} className="px-4 pb-1 pt-2">
        {words.runs}
      </Txt>
      {result.cables.map((run) => (
        <View key={run.id} className="border-t border-rule">
          <Pressable
            role="button"
            aria-expanded={run.id === picked}
            onPress={() => onPick(run.id)}
            className={`min-h-[60px] flex-row items-center gap-3 px-4 py-2 ${run.id === picked ? 'bg-sheet' : ''}`}
          >
            <Mark verdict={run.verdict} size={26} />
            <View className="min-w-0 flex-1">
              <Txt bold>{run.id}</Txt>
              <Txt size="label" tone="soft">
                {words.needs1(figure(run.neededMm, 0), figure(supplied.get(run.id) ?? 0, 0))}
              </Txt>
            </View>
            <Txt figure bold>
              {spare(run)}
            </Txt>
          </Pressable>
          {run.id === picked ? <Picked record={record} run={run} onShow={onShow} /> : null}
        </View>
      ))}
    </View>
  );
}

/** As long as nothing can be said of them: the cables that are written down. */
export function RunsListed({ record }: { record: BikeRecord }) {
  const { id, facts } = record.bike;
  return (facts.cables?.runs ?? []).map((run) => (
    <ToPage
      key={run.id}
      to={cableThingPath(id, 'cable', run.id)}
      className="min-h-[60px] justify-center border-t border-rule px-4 py-2"
    >
      <Txt bold className="underline">
        {run.id}
      </Txt>
      <Txt size="label" tone="soft">
        {run.path.join(' → ')}
      </Txt>
    </ToPage>
  ));
}

const spare = ({ spareMm }: CableRun): string =>
  spareMm < 0 ? words.short(figure(-spareMm, 0)) : words.over(figure(spareMm, 0));

function Picked({ record, run, onShow }: { record: BikeRecord; run: CableRun; onShow: (setting: Setting) => void }) {
  const tightest = run.spans
    .filter((span): span is CableSpan & { tightest: Setting } => span.tightest !== undefined)
    .sort((a, b) => b.slackMm - a.slackMm)[0]?.tightest;
  return (
    <View className="gap-1 px-4 pb-3 pl-14">
      {run.extensions && run.afterMm !== undefined ? (
        <Txt bold>{words.withExtension(run.extensions.join(', '), figure(run.afterMm, 0))}</Txt>
      ) : run.spareMm < 0 ? (
        <Txt bold>{words.orderOne(figure(Math.ceil(run.neededMm / 10) * 10))}</Txt>
      ) : null}
      {run.coilAt ? <Txt>{words.coil(run.coilAt)}</Txt> : null}
      {run.spans.map((span) => (
        <View key={`${span.from} ${span.to}`}>
          <View className="flex-row justify-between gap-3">
            <Txt className="min-w-0 flex-1">{words.span(span.from, span.to)}</Txt>
            <Txt figure>{words.spanSays(figure(span.neededMm, 0))}</Txt>
          </View>
          <Txt size="label" tone="soft">
            {spanSays(span)}
          </Txt>
        </View>
      ))}
      <Txt size="label" tone="soft">
        {words.ties(run.tiesMm.map((mm) => figure(mm, 0)).join(', '))}
      </Txt>
      {tightest ? (
        <Pressable role="button" onPress={() => onShow(tightest)} className="min-h-[48px] justify-center">
          <Txt className="underline">{words.tightest}</Txt>
        </Pressable>
      ) : null}
      <ToPage to={cableThingPath(record.bike.id, 'cable', run.id)} className="min-h-[48px] justify-center">
        <Txt className="underline">{words.changeCable}</Txt>
      </ToPage>
    </View>
  );
}

function spanSays({ moving, slackMm, nearestMm, nearestTo, better }: CableSpan): string {
  return [
    ...(moving ? [words.moving(figure(slackMm, 0))] : []),
    words.nearest(figure(nearestMm, 0), nearestTo === 'crank' ? words.crank : nearestTo),
    ...(better ? [words.better(better)] : []),
  ].join(' · ');
}
