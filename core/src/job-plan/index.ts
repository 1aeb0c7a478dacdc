/** A whole job from plain data: its steps, and two motors on one battery. */
export {
  plainProcedure,
  plainProcedureSchema,
  plainTwoMotors,
  plainTwoMotorsSchema,
  type PlainProcedure,
  type PlainProcedureInput,
  type PlainTwoMotors,
  type PlainTwoMotorsInput,
} from './job-plan';
