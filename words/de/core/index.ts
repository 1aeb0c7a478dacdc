import acceptance from './acceptance.json';
import answerCheck from './answer-check.json';
import armFit from './arm-fit.json';
import arrangement from './arrangement.json';
import asFitted from './as-fitted.json';
import axleExtras from './axle-extras.json';
import axlePart from './axle-part.json';
import axleRow from './axle-row.json';
import axleStack from './axle-stack.json';
import barQuestion from './bar-question.json';
import batteryBay from './battery-bay.json';
import bayQuestion from './bay-question.json';
import bikeChecks from './bike-checks.json';
import bikeFacts from './bike-facts.json';
import boxPlace from './box-place.json';
import brakeLevers from './brake-levers.json';
import cableParts from './cable-parts.json';
import cableQuestion from './cable-question.json';
import cableRuns from './cable-runs.json';
import connections from './connections.json';
import contract from './contract.json';
import controllers from './controllers.json';
import conversions from './conversions.json';
import crankPart from './crank-part.json';
import end from './end.json';
import endAdapter from './end-adapter.json';
import endFit from './end-fit.json';
import fit from './fit.json';
import gearIndex from './gear-index.json';
import handlebar from './handlebar.json';
import input from './input.json';
import jobFile from './job-file.json';
import jobPlan from './job-plan.json';
import law from './law.json';
import leverQuestion from './lever-question.json';
import limits from './limits.json';
import limitsInput from './limits-input.json';
import materials from './materials.json';
import motorTorque from './motor-torque.json';
import packInstead from './pack-instead.json';
import part from './part.json';
import parts from './parts.json';
import pedalSensor from './pedal-sensor.json';
import powerPath from './power-path.json';
import powerQuestion from './power-question.json';
import problem from './problem.json';
import procedure from './procedure.json';
import racks from './racks.json';
import rotorFit from './rotor-fit.json';
import said from './said.json';
import shared from './shared.json';
import shopSettings from './shop-settings.json';
import slotFit from './slot-fit.json';
import standard from './standard.json';
import standardUse from './standard-use.json';
import stores from './stores.json';
import takeIn from './take-in.json';
import takeInOpen from './take-in-open.json';
import tools from './tools.json';
import torqueReaction from './torque-reaction.json';
import tyreFit from './tyre-fit.json';
import verdict from './verdict.json';
import wheelLacing from './wheel-lacing.json';
import wheelTruing from './wheel-truing.json';
import wholeBike from './whole-bike.json';

/** What core says, by the folder that says it. */
export const core = {
  acceptance,
  'answer-check': answerCheck,
  'arm-fit': armFit,
  arrangement,
  'as-fitted': asFitted,
  'axle-extras': axleExtras,
  'axle-part': axlePart,
  'axle-row': axleRow,
  'axle-stack': axleStack,
  'bar-question': barQuestion,
  'battery-bay': batteryBay,
  'bay-question': bayQuestion,
  'bike-checks': bikeChecks,
  'bike-facts': bikeFacts,
  'box-place': boxPlace,
  'brake-levers': brakeLevers,
  'cable-parts': cableParts,
  'cable-question': cableQuestion,
  'cable-runs': cableRuns,
  connections,
  contract,
  controllers,
  conversions,
  'crank-part': crankPart,
  end,
  'end-adapter': endAdapter,
  'end-fit': endFit,
  fit,
  'gear-index': gearIndex,
  handlebar,
  input,
  'job-file': jobFile,
  'job-plan': jobPlan,
  law,
  'lever-question': leverQuestion,
  limits,
  'limits-input': limitsInput,
  materials,
  'motor-torque': motorTorque,
  'pack-instead': packInstead,
  part,
  parts,
  'pedal-sensor': pedalSensor,
  'power-path': powerPath,
  'power-question': powerQuestion,
  problem,
  procedure,
  racks,
  'rotor-fit': rotorFit,
  said,
  shared,
  'shop-settings': shopSettings,
  'slot-fit': slotFit,
  standard,
  'standard-use': standardUse,
  stores,
  'take-in': takeIn,
  'take-in-open': takeInOpen,
  tools,
  'torque-reaction': torqueReaction,
  'tyre-fit': tyreFit,
  verdict,
  'wheel-lacing': wheelLacing,
  'wheel-truing': wheelTruing,
  'whole-bike': wholeBike,
};
