import type { BikeRecord } from '@cricket/contract/shapes';
import type { LimitsInput } from '@cricket/core/limits';
import type { EndState } from '@cricket/core/next-action';
import type { EndJob, JobFacts } from '@cricket/core/procedure';
import { putBack } from '@cricket/core/put-back';
import { axleAt } from '@cricket/core/model';

import { useWrites } from '../data/use-writes';
import { ToPage } from '../ui/to-page';
import { Txt } from '../ui/txt';
import { AsFitted } from './as-fitted';
import { AsFound } from './as-found';
import { AsReached } from './as-reached';
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
  /** The step's id without its end. */
  base: string;
  values: CheckValues;
  limits: LimitsInput | undefined;
  onGo: (stepId: string) => void;
}

/** Nothing was recorded of either side. */
const neverStripped = { left: null, right: null };

/** What some steps have besides their checks: what is found goes into the record and into the fit. */
export function StepExtras({ record, job, end, state, base, values, limits, onGo }: StepExtrasProps) {
  const { addEvent } = useWrites();
  const bikeId = record.bike.id;
  const toFit = <StepLink label={words.changeWashers} path={endPath(bikeId, end.end, 'fit')} />;
  const asFound = (
    <AsFound
      record={record}
      state={state}
      stack={stackOnAxle(record, state)}
      limits={limits}
      values={values}
      onWashers={() => onGo(`inside-washers.${end.end}`)}
    />
  );
  switch (base) {
    case 'inside-washers':
      return (
        <>
          <AsFitted record={record} state={state} values={values} />
          {toFit}
        </>
      );
    case 'middle':
    case 'seat-again':
    case 'running-clearance':
      return (
        <>
          {asFound}
          {toFit}
        </>
      );
    case 'rotor-spin':
      return asFound;
    case 'axle-tight':
    case 'retorque':
      return <AsReached end={end} fit={state.fit} values={values} />;
    case 'came-off':
      return (
        <OffAxlePanel
          recorded={putBack(record.events).ends.find((each) => each.end === end.end)?.sides ?? neverStripped}
          onRecord={(side, parts) => void addEvent(bikeId, 'came-off', axleAt(end.end), { side, parts })}
        />
      );
    case 'as-delivered':
      return (['left', 'right'] as const).map((side) => (
        <StepLink
          key={side}
          label={words.writeDelivered[side]}
          path={measurePath(bikeId, end.end, `washers-delivered.${side}`)}
        />
      ));
    case 'hub-measure':
      return <StepLink label={words.parcel.differsWhat} path={wheelPath(state.wheel!.id)} />;
    case 'parcel-count':
      return (
        <ParcelPanel
          record={record}
          end={end}
          wheelId={state.wheel!.id}
          values={values}
          onRecord={(data) => void addEvent(bikeId, 'received', axleAt(end.end), data)}
        />
      );
    case 'parts-fate':
      return (
        <FatesPanel
          record={record}
          ends={job.ends}
          onRecord={(at, data) => void addEvent(bikeId, 'kit-parts', axleAt(at), data)}
        />
      );
    default:
      return null;
  }
}

/** Leads to another page that the step needs. */
function StepLink({ label, path }: { label: string; path: Page }) {
  return (
    <ToPage to={path} className="min-h-[56px] justify-center px-4">
      <Txt className="underline">{label}</Txt>
    </ToPage>
  );
}
