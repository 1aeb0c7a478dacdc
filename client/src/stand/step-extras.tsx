import type { BikeRecord } from '@cricket/contract/shapes';
import type { LimitsInput } from '@cricket/core/limits';
import type { EndState } from '@cricket/core/next-action';
import type { EndJob, JobFacts } from '@cricket/core/procedure';
import { putBack } from '@cricket/core/put-back';
import { axleAt } from '@cricket/core/model';
import type { ReactNode } from 'react';

import { BayAtStand } from '../bay/bay-at-stand';
import { BesideFrame } from '../bay/beside-frame';
import { KeyNumber } from '../bay/key-number';
import { OrderOnBar } from '../bar/order-on-bar';
import { CablesAtStand } from '../cables/cables-at-stand';
import { BestSensorWay } from '../cranks/sensor-way';
import { useWrites, type Writes } from '../data/use-writes';
import { LeversAtStand } from '../levers/levers-at-stand';
import { AsTaken } from '../room/as-taken';
import { PowerAtStand } from '../power/power-at-stand';
import { PlugsAtStand } from '../wiring/plugs-at-stand';
import { ToPage } from '../ui/to-page';
import { Txt } from '../ui/txt';
import { AsFitted } from './as-fitted';
import { AsFound } from './as-found';
import { AsReached } from './as-reached';
import type { AtEnd } from './at-end';
import type { CheckValues } from './check-values';
import { FatesPanel } from './fates-panel';
import { OffAxlePanel } from './off-axle-panel';
import { ParcelPanel } from './parcel-panel';
import { stackOnAxle } from './stack-on-axle';
import { words } from './words';
import { endPath, measurePath, wheelPath, type Page } from '../ui/pages';

export interface StepExtrasProps {
  record: BikeRecord;
  job: JobFacts;
  end: EndJob;
  state: EndState;
  values: CheckValues;
  /** Names what is put in at this step until it is recorded. */
  place: string;
  /** Its step has ended, or cannot yet. */
  byItself: boolean;
  atEnd: AtEnd;
  /** A figure of this step does not hold: nothing beside it says that it goes. */
  against: boolean;
  limits: LimitsInput | undefined;
  onGo: (stepId: string) => void;
  writes: Writes;
}

/** Nothing was recorded of either side. */
const neverStripped = { left: null, right: null };

/** What some steps have besides their checks: what is found goes into the record and into the fit. By the step's id. */
export const stepExtras: Readonly<Record<string, (props: StepExtrasProps) => ReactNode>> = {
  'inside-washers': ({ record, end, state, values, against }) => (
    <>
      <AsFitted record={record} state={state} values={values} against={against} />
      <ToWashers bikeId={record.bike.id} end={end} />
    </>
  ),
  middle: foundAndWashers,
  'seat-again': foundAndWashers,
  'running-clearance': foundAndWashers,
  'rotor-spin': found,
  'axle-tight': reached,
  retorque: reached,
  'came-off': ({ record, end, writes, place, byItself, atEnd }) => (
    <OffAxlePanel
      {...{ place, byItself, atEnd }}
      recorded={putBack(record.events).ends.find((each) => each.end === end.end)?.sides ?? neverStripped}
      onRecord={(side, parts) => void writes.addEvent(record.bike.id, 'came-off', axleAt(end.end), { side, parts })}
    />
  ),
  'as-delivered': ({ record, end }) =>
    (['left', 'right'] as const).map((side) => (
      <StepLink
        key={side}
        label={words.writeDelivered[side]}
        path={measurePath(record.bike.id, end.end, `washers-delivered.${side}`)}
      />
    )),
  'hub-measure': ({ state }) => <StepLink label={words.parcel.differsWhat} path={wheelPath(state.wheel!.id)} />,
  'parcel-count': ({ record, end, state, values, writes, place, byItself, atEnd }) => (
    <ParcelPanel
      {...{ place, byItself, atEnd }}
      record={record}
      end={end}
      wheelId={state.wheel!.id}
      values={values}
      onRecord={(data) => void writes.addEvent(record.bike.id, 'received', axleAt(end.end), data)}
    />
  ),
  'ring-room': atCranks,
  'ring-on': atCranks,
  'sensor-gap': atCranks,
  'pack-place': inBay,
  'mount-fix': inBay,
  'pack-trial': ({ record }) => <KeyNumber record={record} />,
  'rack-fix': besideFrame,
  'controller-place': besideFrame,
  plugs: (props) => (
    <>
      {onPower(props)}
      {atPlugs(props)}
    </>
  ),
  'loose-run': onPower,
  'loom-lay': withCables,
  'loom-fold': withCables,
  ties: withCables,
  surplus: withCables,
  'lock-to-lock': withCables,
  'cut-off': atLevers,
  'no-cut-off': atLevers,
  'both-brakes': atLevers,
  'pins-back': atPlugs,
  caps: atPlugs,
  'levers-trial': onBar,
  'throttle-on': onBar,
  'bar-final': onBar,
  'grips-off': onBar,
  'grips-on': onBar,
  'parts-fate': ({ record, job, writes, place, byItself, atEnd }) => (
    <FatesPanel
      {...{ place, byItself, atEnd }}
      record={record}
      ends={job.ends}
      onRecord={(at, data) => void writes.addEvent(record.bike.id, 'kit-parts', axleAt(at), data)}
    />
  ),
};

function atCranks({ record }: StepExtrasProps): ReactNode {
  return (
    <>
      <BestSensorWay bike={record.bike} />
      <AsTaken record={record} station="cranks" />
    </>
  );
}

function inBay({ record }: StepExtrasProps): ReactNode {
  return (
    <>
      <BayAtStand bike={record.bike} />
      <AsTaken record={record} station="bay" />
    </>
  );
}

function besideFrame({ record }: StepExtrasProps): ReactNode {
  return <BesideFrame record={record} />;
}

function onPower({ record }: StepExtrasProps): ReactNode {
  return (
    <>
      <PowerAtStand record={record} />
      <AsTaken record={record} station="power" />
    </>
  );
}

function withCables({ record }: StepExtrasProps): ReactNode {
  return (
    <>
      <CablesAtStand record={record} />
      <AsTaken record={record} station="cables" />
    </>
  );
}

function atLevers({ record }: StepExtrasProps): ReactNode {
  return (
    <>
      <LeversAtStand record={record} />
      <AsTaken record={record} station="levers" />
    </>
  );
}

function atPlugs({ record }: StepExtrasProps): ReactNode {
  return (
    <>
      <PlugsAtStand bike={record.bike} />
      <AsTaken record={record} station="wiring" />
    </>
  );
}

function onBar({ record }: StepExtrasProps): ReactNode {
  return (
    <>
      <OrderOnBar record={record} />
      <AsTaken record={record} station="bar" />
    </>
  );
}

function reached({ end, state, values, against }: StepExtrasProps): ReactNode {
  return <AsReached end={end} fit={state.fit} values={values} against={against} />;
}

function found({ record, end, state, values, against, limits, onGo }: StepExtrasProps): ReactNode {
  return (
    <AsFound
      record={record}
      state={state}
      stack={stackOnAxle(record, state)}
      limits={limits}
      values={values}
      against={against}
      onWashers={() => onGo(`inside-washers.${end.end}`)}
    />
  );
}

function foundAndWashers(props: StepExtrasProps): ReactNode {
  return (
    <>
      {found(props)}
      <ToWashers bikeId={props.record.bike.id} end={props.end} />
    </>
  );
}

/** The extras of one step; nothing where it has none. */
export function StepExtras({ base, ...props }: Omit<StepExtrasProps, 'writes'> & { base: string }) {
  const writes = useWrites();
  return stepExtras[base]?.({ ...props, writes }) ?? null;
}

function ToWashers({ bikeId, end }: { bikeId: string; end: EndJob }) {
  return <StepLink label={words.changeWashers} path={endPath(bikeId, end.end, 'fit')} />;
}

/** Leads to another page that the step needs. */
function StepLink({ label, path }: { label: string; path: Page }) {
  return (
    <ToPage to={path} className="min-h-[56px] justify-center px-4">
      <Txt className="underline">{label}</Txt>
    </ToPage>
  );
}
