/** Of the shape of what events say; older ones are brought up when they are read. */
export const jobEventSchemaVersion = 2;
