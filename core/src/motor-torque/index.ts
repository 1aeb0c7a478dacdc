/** How hard a hub motor can turn its wheel, and so its own axle the other way. */
export { motorTorque, MotorTorqueInput, type MotorTorqueResult } from './motor-torque';
