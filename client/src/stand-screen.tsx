import { atSteps } from './at-steps';
import { StandScreen as Stand } from './features/stand/stand-screen';
import { AtStepsContext } from './job/steps/at-steps';

/** The stand, with what the stations show beside its steps: neither knows of the other. */
export function StandScreen() {
  return (
    <AtStepsContext value={atSteps}>
      <Stand />
    </AtStepsContext>
  );
}
