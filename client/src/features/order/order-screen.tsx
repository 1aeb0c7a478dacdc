import { toolName } from '@cricket/core/tools';
import type { End } from '@cricket/core/features';
import type { FitReport } from '@cricket/core/fit';
import { roomShopping } from '@cricket/core/whole-bike';
import { costTable, type CostTable } from '@cricket/core/job-cost';
import { addDays } from 'date-fns/addDays';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';

import { useBikeEnd } from '../../job/bike/use-bike-end';
import { useOutbox } from '../../data/use-outbox';
import { CostSums, Line, workLine } from '../../job/cost/cost-sums';
import { words as costWords } from '../../job/cost/words';
import { useHourlyRate, useShopSettings } from '../../data/use-workshop';
import { useWrites } from '../../data/use-writes';
import { useWholeBike } from '../../job/room/use-whole-bike';
import { dateText } from '../../ui/date-text';
import { money } from '../../ui/figures';
import { RoleButton } from '../../session/role-button';
import { useMay } from '../../data/use-session';
import { useOwnTools } from '../../job/tools/use-own-tools';
import { Alerts } from '../../ui/alerts';
import { Button } from '../../ui/button';
import { Notice } from '../../ui/notice';
import { Screen } from '../../ui/screen';
import { Section } from '../../ui/section';
import { ToPage } from '../../ui/to-page';
import { Txt } from '../../ui/txt';
import { useWide } from '../../ui/use-wide';
import {
  besideAxles,
  daysToStart,
  linesOfEnd,
  listedLines,
  nextState,
  type ListedLine,
} from '../../job/orders/order-lines';
import { words } from './words';
import { bikePath, endPath } from '../../ui/pages';
import { BikeNotThere } from '../../job/bike/bike-not-there';
import { say } from '../../ui/say';

/** What to get for this end, what has come, and when the work can begin; the quote on paper. */
export function OrderScreen() {
  const { bikeId, end: endInAddress } = useLocalSearchParams<{ bikeId: string; end: string }>();
  const end: End = endInAddress === 'rear' ? 'rear' : 'front';
  const router = useRouter();
  const wide = useWide();
  const { putOrder } = useWrites();
  const { writes } = useOutbox();
  const hourlyRate = useHourlyRate();
  const { record, state, isPending, refetch } = useBikeEnd(bikeId, end);
  const { data: whole } = useWholeBike(record);
  const { data: settings } = useShopSettings();
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
  const lines = linesOfEnd(record, end, fit.shopping);
  const toGet = roomShopping(whole?.toGet ?? [], settings?.limits);
  const besides = listedLines(record, besideAxles, toGet);
  const costs = costTable([fit, { shopping: toGet, tools: [] }], fit, hourlyRate);
  const days = daysToStart([...lines, ...besides]);
  const start = days === 0 ? words.startNow : dateText(addDays(new Date(), days), 'd MMMM');
  const waiting = new Set(
    writes.flatMap(({ about, refused }) => (about.kind === 'order' && !refused ? [about.id] : [])),
  );
  const isWaiting = ({ order }: ListedLine) => order !== null && waiting.has(order.id);
  const step = (line: ListedLine) => {
    const { place, part, what, count, reason, because, costEach, leadDays, order } = line;
    void putOrder(bikeId, order?.id ?? crypto.randomUUID(), {
      place,
      part,
      what,
      count,
      reason: reason || what,
      because,
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
          {lines.length + besides.length === 0 ? <Txt className="px-4 py-3">{words.nothing}</Txt> : null}
          {lines.map((line) => (
            <OrderRow key={line.what} line={line} waits={isWaiting(line)} onNext={() => step(line)} />
          ))}
          {besides.length > 0 ? <Section title={words.besides} /> : null}
          {besides.map((line) => (
            <OrderRow
              key={`${line.place} ${line.what}`}
              line={line}
              waits={isWaiting(line)}
              onNext={() => step(line)}
            />
          ))}
          <CostSums costs={costs} className="max-w-[640px] px-4 pt-3" />
          <View className="px-4 py-3">
            <Txt size="label" figure tone="soft">
              {words.start}
            </Txt>
            <Txt size="title" figure bold>
              {start}
            </Txt>
          </View>
        </View>
        <Aside fit={fit} wide={wide} />
      </View>
      <Quote tag={record.bike.tag} name={record.bike.name} code={wheel.code} fit={fit} start={start} costs={costs} />
    </Screen>
  );
}

interface OrderRowProps {
  line: ListedLine;
  /** It is on its way to the server. */
  waits: boolean;
  onNext: () => void;
}

/** One thing to get: what has been done about it, and the next that may be. */
function OrderRow({ line, waits, onNext }: OrderRowProps) {
  const { what, state, count, costEach, leadDays, reason } = line;
  return (
    <View className="min-h-[64px] flex-row items-center gap-3 border-b border-rule px-4 py-2">
      <View
        className={`h-4 w-4 border-2 border-ink ${state === 'received' ? 'bg-ink' : state === 'ordered' ? 'bg-lime' : ''}`}
        aria-hidden
      />
      <View className="min-w-0 flex-1">
        <Txt bold>{what}</Txt>
        <Txt size="label" tone="soft">
          {`${words.states[state]} · ${words.each(count, money(costEach))} · ${words.lead(leadDays)}`}
          {waits ? ` · ${words.waits}` : ''}
        </Txt>
        <Txt size="label">{reason}</Txt>
      </View>
      <RoleButton
        needs="work"
        label={words.next[state]}
        onPress={onNext}
        low
        spoken={`${words.next[state]}: ${what}`}
      />
    </View>
  );
}

function Aside({ fit, wide }: { fit: FitReport; wide: boolean }) {
  const { own } = useMay();
  const { record, messages } = useOwnTools();
  return (
    <View className={wide ? 'w-[380px] border-l border-rule' : ''}>
      <Txt size="label" figure tone="soft" heading={2} className="px-4 pb-1 pt-4">
        {words.tools}
      </Txt>
      <Alerts messages={messages} />
      {fit.tools.map(({ tool, reason, how, cost }) => (
        <View key={tool} className="min-h-[48px] flex-row items-center gap-2 px-4 py-1">
          <View className="min-w-0 flex-1">
            <Txt>{`${say(toolName(tool))} ${say(reason)}`}</Txt>
            <Txt size="label" figure tone="soft">
              {how === 'buy' ? words.toBuy(money(cost)) : words.how[how]}
            </Txt>
          </View>
          {how === 'have' || !own ? null : (
            <Button
              label={words.have}
              spoken={words.haveIt(say(toolName(tool)))}
              low
              onPress={() => void record(tool, true)}
            />
          )}
        </View>
      ))}
      <ToPage to="/tools" className="min-h-[48px] justify-center px-4">
        <Txt className="underline">{words.toTools}</Txt>
      </ToPage>
      <Txt size="label" figure tone="soft" heading={2} className="px-4 pb-1 pt-4">
        {words.leftOver}
      </Txt>
      {fit.leftOver.map(({ what, count, because }) => (
        <View key={say(what)} className="px-4 py-1">
          <Txt>{count > 1 ? `${count} × ${say(what)}` : say(what)}</Txt>
          <Txt size="label" tone="soft">
            {say(because)}
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
  costs: CostTable;
}

/** What the rider gets on paper: parts, tools that are bought for it, work, sum, what is to be done and why. */
function Quote({ tag, name, code, fit, start, costs }: QuoteProps) {
  return (
    <View className="print-only gap-2 px-4">
      <Txt size="title" bold heading={2}>{`${words.quoteTitle} ${tag} · ${name}`}</Txt>
      {costs.lines
        .filter(({ how }) => how === undefined || how === 'buy')
        .map(({ group, what, count, cost }) => (
          <Line
            key={`${group}${say(what)}`}
            name={count > 1 ? `${count} × ${say(what)}` : say(what)}
            value={money(cost)}
          />
        ))}
      <Line name={workLine(costs)} value={money(costs.labour)} />
      <Line name={costWords.total} value={money(costs.total)} about={costWords.slow(money(costs.slowTotal))} bold />
      <Txt>{`${words.start}: ${start}`}</Txt>
      {fit.findings
        .filter(({ verdict }) => verdict !== 'goes')
        .map(({ id, because, remedies }) => (
          <Txt key={id}>{[because, remedies[0]].flatMap((each) => (each ? [say(each)] : [])).join(' ')}</Txt>
        ))}
      <Txt size="label">{`${code} · ${words.quoteNote} ${words.until} ${dateText(new Date(), 'd MMMM yyyy')}.`}</Txt>
    </View>
  );
}
