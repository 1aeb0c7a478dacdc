/** Words of the calipers. */
export const words = {
  simulated: 'Simulated caliper: send a reading',
  serial: 'Connect a caliper by cable',
  serialStop: 'Disconnect the caliper',
  serialGone: 'This port cannot be read. Look whether the caliper is on and nobody else reads it.',
};
