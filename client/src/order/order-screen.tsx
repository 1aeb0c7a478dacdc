import type { End } from '@cricket/core/features';
import type { FitReport } from '@cricket/core/fit';
import { axleAt } from '@cricket/core/model';
import { addDays } from 'date-fns/addDays';
import { format } from 'date-fns/format';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';

import { useBikeEnd } from '../bike/use-bike-end';
import { useOutbox } from '../data/use-outbox';
import { useShopSettings } from '../data/use-workshop';
import { useWrites } from '../data/use-writes';
import { hours, money } from '../match/figures';
import { RoleButton } from '../session/role-button';
import { Button } from '../ui/button';
import { Notice } from '../ui/notice';
import { Screen } from '../ui/screen';
import { Txt } from '../ui/txt';
import { useWide } from '../ui/use-wide';
import { daysToStart, listedLines, nextState, type ListedLine } from './order-lines';
import { words } from './words';
import { bikePath, endPath } from '../ui/pages';
import { BikeNotThere } from '../bike/bike-not-there';

/** What to get for this end, what has come, and when the work can begin; the quote on paper. */
export function OrderScreen() {
  const { bikeId, end: endInAddress } = useLocalSearchParams<{ bikeId: string; end: string }>();
  const end: End = endInAddress === 'rear' ? 'rear' : 'front';
  const router = useRouter();
  const wide = useWide();
  const { putOrder } = useWrites();
  const { writes } = useOutbox();
  const settings = useShopSettings();
  const { record, state, isPending, refetch } = useBikeEnd(bikeId, end);
  if (!record || !state) {
    return <BikeNotThere bikeId={bikeId} asked={[{ isPending, refetch }]} />;
  }
  const { fit, wheel } = state;
  if (!fit || !wheel) {
    const action = { label: words.toMatch, onPress: () => router.navigate(endPath(bikeId, end, 'match')) };
    return (
      <Screen title={words.title} tag={record.bike.tag} backTo={bikePath(bikeId)}>
        <Notice title={words.noKit} action={action} />
      </Screen>
    );
  }
  const lines = listedLines(record, end, fit.shopping);
  const days = daysToStart(lines);
  const start = days === 0 ? words.startNow : format(addDays(new Date(), days), 'd MMMM');
  const waiting = new Set(
    writes.flatMap(({ about, refused }) => (about.kind === 'order' && !refused ? [about.id] : [])),
  );
  const step = (line: ListedLine) => {
    const { what, count, reason, costEach, leadDays, order } = line;
    void putOrder(bikeId, order?.id ?? crypto.randomUUID(), {
      place: axleAt(end),
      what,
      count,
      reason: reason || what,
      costEach,
      leadDays,
      state: nextState(line.state),
      version: order?.version ?? 0,
    });
  };
  return (
    <Screen
      title={`${words.title} · ${wheel.code}`}
      tag={record.bike.tag}
      backTo={bikePath(bikeId)}
      footer={
        <View className="flex-row gap-2">
          <Button label={words.quote} onPress={() => window.print()} className="flex-1" />
          <RoleButton
            needs="work"
            label={words.toFit}
            look="do"
            onPress={() => router.navigate(endPath(bikeId, end, 'fit'))}
            className="flex-1"
            testID="to-fit"
          />
        </View>
      }
    >
      <View className={wide ? 'screen-only flex-row' : 'screen-only'}>
        <View className="min-w-0 flex-1" testID="order-list">
          {lines.length === 0 ? <Txt className="px-4 py-3">{words.nothing}</Txt> : null}
          {lines.map((line) => (
            <View key={line.what} className="min-h-[64px] flex-row items-center gap-3 border-b border-rule px-4 py-2">
              <View
                className={`h-4 w-4 border-2 border-ink ${line.state === 'received' ? 'bg-ink' : line.state === 'ordered' ? 'bg-lime' : ''}`}
                aria-hidden
              />
              <View className="min-w-0 flex-1">
                <Txt bold>{line.what}</Txt>
                <Txt size="label" tone="soft">
                  {`${words.states[line.state]} · ${words.each(line.count, money(line.costEach))} · ${words.lead(line.leadDays)}`}
                  {line.order && waiting.has(line.order.id) ? ` · ${words.waits}` : ''}
                </Txt>
                <Txt size="label">{line.reason}</Txt>
              </View>
              <RoleButton
                needs="work"
                label={words.next[line.state]}
                onPress={() => step(line)}
                low
                spoken={`${words.next[line.state]}: ${line.what}`}
              />
            </View>
          ))}
          <View className="flex-row gap-8 px-4 py-3">
            <Total name={words.total} value={money(fit.cost)} />
            <Total name={words.start} value={start} />
          </View>
        </View>
        <Aside fit={fit} wide={wide} />
      </View>
      <Quote
        tag={record.bike.tag}
        name={record.bike.name}
        code={wheel.code}
        fit={fit}
        start={start}
        hourlyRate={settings.data?.hourlyRate ?? 60}
      />
    </Screen>
  );
}

function Total({ name, value }: { name: string; value: string }) {
  return (
    <View>
      <Txt size="label" figure tone="soft">
        {name}
      </Txt>
      <Txt size="title" figure bold>
        {value}
      </Txt>
    </View>
  );
}

function Aside({ fit, wide }: { fit: FitReport; wide: boolean }) {
  return (
    <View className={wide ? 'w-[380px] border-l border-rule' : ''}>
      <Txt size="label" figure tone="soft" heading={2} className="px-4 pb-1 pt-4">
        {words.tools}
      </Txt>
      {fit.tools.map(({ tool, reason, how }) => (
        <View key={tool} className="flex-row gap-2 px-4 py-1">
          <Txt className="min-w-0 flex-1">{`${tool} ${reason}`}</Txt>
          <Txt figure tone={how === 'have' ? 'soft' : 'ink'} bold={how !== 'have'}>
            {words.how[how]}
          </Txt>
        </View>
      ))}
      <Txt size="label" figure tone="soft" heading={2} className="px-4 pb-1 pt-4">
        {words.leftOver}
      </Txt>
      {fit.leftOver.map(({ what, count, because }) => (
        <View key={what} className="px-4 py-1">
          <Txt>{count > 1 ? `${count} × ${what}` : what}</Txt>
          <Txt size="label" tone="soft">
            {because}
          </Txt>
        </View>
      ))}
    </View>
  );
}

interface QuoteProps {
  tag: string;
  name: string;
  code: string;
  fit: FitReport;
  start: string;
  hourlyRate: number;
}

/** What the rider gets on paper: parts, work, sum, what is to be done and why. */
function Quote({ tag, name, code, fit, start, hourlyRate }: QuoteProps) {
  const parts = fit.shopping;
  const work = (hourlyRate * fit.minutes) / 60;
  const sum = parts.reduce((total, { count, costEach }) => total + count * costEach, 0) + work;
  return (
    <View className="print-only gap-2 px-4">
      <Txt size="title" bold heading={2}>{`${words.quoteTitle} ${tag} · ${name}`}</Txt>
      {parts.map(({ what, count, costEach }) => (
        <View key={what} className="flex-row justify-between border-b border-rule py-1">
          <Txt>{count > 1 ? `${count} × ${what}` : what}</Txt>
          <Txt figure>{money(count * costEach)}</Txt>
        </View>
      ))}
      <View className="flex-row justify-between border-b border-rule py-1">
        <Txt>{words.work(hours(fit.minutes))}</Txt>
        <Txt figure>{money(Math.round(work))}</Txt>
      </View>
      <View className="flex-row justify-between py-1">
        <Txt bold>{words.total}</Txt>
        <Txt figure bold size="lead">
          {money(Math.round(sum))}
        </Txt>
      </View>
      <Txt>{`${words.start}: ${start}`}</Txt>
      {fit.findings
        .filter(({ verdict }) => verdict !== 'goes')
        .map(({ id, because, remedies }) => (
          <Txt key={id}>{[because, remedies[0]].filter(Boolean).join(' ')}</Txt>
        ))}
      <Txt size="label">{`${code} · ${words.quoteNote} ${words.until} ${format(new Date(), 'd MMMM yyyy')}.`}</Txt>
    </View>
  );
}
