/** A whole job from plain data: its steps, and two motors on one battery. */
export {
  plainProcedure,
  PlainProcedureInput,
  plainTwoMotors,
  PlainTwoMotorsInput,
  type PlainProcedure,
  type PlainTwoMotors,
} from './job-plan';
