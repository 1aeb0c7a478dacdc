import type { BikeRecord } from '@cricket/contract/shapes';
import type { ElementResult, PathElement, PowerPathResult } from '@cricket/core/power-path';
import { useRouter } from 'expo-router';
import { View } from 'react-native';

import { figure } from '../../ui/figure-text';
import { ElementSymbol, type LineSymbol } from '../../drawing/power-line/element-symbol';
import { RoleButton } from '../../session/role-button';
import { powerElementPath, powerPath, type Page } from '../../ui/pages';
import { ToPage } from '../../ui/to-page';
import { Txt } from '../../ui/txt';
import { elementSays } from './power-words';
import { words } from './words';

interface PowerLineProps {
  record: BikeRecord;
  /** Null while something is missing: then nothing is said of what flows. */
  result: PowerPathResult | null;
}

/** From the battery down to the motor, one below the other, each with what flows through it and what it is rated for. */
export function PowerLine({ record, result }: PowerLineProps) {
  const { id, facts } = record.bike;
  const { pack, chain = [], controller, charger } = facts.power ?? {};
  const router = useRouter();
  const motorSide = chain.findIndex(({ kind }) => kind === 'phase');
  const split = motorSide < 0 ? chain.length : motorSide;
  const element = (each: PathElement, index: number) => (
    <Row
      key={index}
      symbol={each.kind}
      name={words.elements[each.kind]}
      says={elementSays(each)}
      flow={result?.elements[index] ?? null}
      to={powerElementPath(id, index)}
      testID={`element-${index}`}
    />
  );
  return (
    <View role="group" aria-label={words.line} className="border-y-2 border-ink bg-sheet">
      <Row
        symbol="battery"
        name={words.battery}
        says={result ? words.batterySays(figure(result.fullV, 1), figure(result.emptyV, 1)) : undefined}
        flow={result && pack ? flowOf(result.currentA, pack.battery.continuousA) : null}
        isKnown={pack !== undefined}
        to={powerPath(id, 'pack')}
        testID="power-pack"
      />
      {chain.slice(0, split).map(element)}
      <View className="flex-row items-center gap-3 pl-2">
        <View className="w-11 items-center" aria-hidden>
          <ElementSymbol of="wire" height={72} stopped={false} />
        </View>
        <RoleButton
          needs="work"
          label={words.addElement}
          onPress={() => router.navigate(powerElementPath(id))}
          testID="add-element"
          className="mr-4 min-w-0 flex-1"
        />
      </View>
      <Row
        symbol="controller"
        name={words.controller}
        says={
          controller &&
          words.controllerSays(figure(controller.minV), figure(controller.maxV), figure(controller.lowCutV))
        }
        flow={controller ? { loadA: controller.batteryA, ratedA: null, verdict: 'goes' } : null}
        isKnown={controller !== undefined}
        to={powerPath(id, 'controller')}
        testID="power-controller"
      />
      {chain.slice(split).map((each, index) => element(each, split + index))}
      <Row
        symbol="motor"
        name={words.motor}
        says={undefined}
        flow={controller ? { loadA: controller.phaseA, ratedA: null, verdict: 'goes' } : null}
        isKnown
      />
      <View className="border-t border-rule">
        <Row
          name={words.charger}
          says={charger && words.chargerSays(figure(charger.volts), figure(charger.amps))}
          flow={null}
          isKnown={charger !== undefined}
          to={powerPath(id, 'charger')}
          testID="power-charger"
        />
      </View>
    </View>
  );
}

type Flow = Pick<ElementResult, 'loadA' | 'ratedA' | 'verdict'>;

const flowOf = (loadA: number, ratedA: number): Flow => ({
  loadA,
  ratedA,
  verdict: loadA > ratedA + 1e-9 ? 'stop' : 'goes',
});

interface RowProps {
  symbol?: LineSymbol;
  name: string;
  says: string | undefined;
  flow: Flow | null;
  isKnown?: boolean;
  to?: Page;
  testID?: string;
}

function Row({ symbol, name, says, flow, isKnown = true, to, testID }: RowProps) {
  const stopped = flow?.verdict === 'stop';
  const body = (
    <>
      <View className="w-11 items-center" aria-hidden>
        {symbol ? <ElementSymbol of={symbol} height={64} stopped={stopped} /> : null}
      </View>
      <View className="min-w-0 flex-1 py-1">
        <Txt bold className={to ? 'underline' : ''}>
          {name}
        </Txt>
        <Txt size="label" tone="soft">
          {isKnown ? says : words.notYet}
        </Txt>
        {flow && flow.ratedA !== null ? <Share share={flow.loadA / flow.ratedA} stopped={stopped} /> : null}
      </View>
      {flow ? (
        <Txt figure bold size="lead" tone={stopped ? 'stop' : 'ink'} className="pr-4">
          {flow.ratedA === null
            ? words.alone(figure(flow.loadA, 1))
            : words.load(figure(flow.loadA, 1), figure(flow.ratedA, 1))}
        </Txt>
      ) : null}
    </>
  );
  if (!to) {
    return <View className="min-h-[64px] flex-row items-center gap-3 pl-2">{body}</View>;
  }
  return (
    <ToPage to={to} className="min-h-[64px] flex-row items-center gap-3 pl-2" testID={testID}>
      {body}
    </ToPage>
  );
}

/** How much of what it is rated for flows through it. */
function Share({ share, stopped }: { share: number; stopped: boolean }) {
  return (
    <View className="mt-1 h-2 max-w-[220px] border border-ink" aria-hidden>
      <View
        className={`h-full ${stopped ? 'bg-stop' : 'bg-ink'}`}
        style={{ width: `${Math.min(100, Math.max(0, 100 * share))}%` }}
      />
    </View>
  );
}
