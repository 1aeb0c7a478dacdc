import type { BikeRecord } from '@cricket/contract/shapes';
import type { LimitsInput } from '@cricket/core/limits';
import type { EndState } from '@cricket/core/next-action';
import type { EndJob, JobFacts } from '@cricket/core/procedure';
import { putBack } from '@cricket/core/put-back';
import { axleAt } from '@cricket/core/model';
import { use, type ReactNode } from 'react';

import { AtStepsContext } from '../../job/steps/at-steps';

import { useWrites, type Writes } from '../../data/use-writes';
import { ToPage } from '../../ui/to-page';
import { Txt } from '../../ui/txt';
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
import { endPath, measurePath, wheelPath, type Page } from '../../ui/pages';

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
  'parts-fate': ({ record, job, writes, place, byItself, atEnd }) => (
    <FatesPanel
      {...{ place, byItself, atEnd }}
      record={record}
      ends={job.ends}
      onRecord={(at, data) => void writes.addEvent(record.bike.id, 'kit-parts', axleAt(at), data)}
    />
  ),
};

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

/** The extras of one step: the stand's own, and what the stations show there; nothing where it has none. */
export function StepExtras({ base, ...props }: Omit<StepExtrasProps, 'writes'> & { base: string }) {
  const writes = useWrites();
  const stations = use(AtStepsContext);
  return (
    <>
      {stepExtras[base]?.({ ...props, writes })}
      {stations.map((atSteps, index) => {
        const Beside = atSteps[base];
        return Beside ? <Beside key={index} record={props.record} /> : null;
      })}
    </>
  );
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
