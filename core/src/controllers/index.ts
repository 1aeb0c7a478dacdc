/** A controller where it is put: heat, air, water, exits of its cables, reach of its plugs. */
export { ControllersInput, type ControllersResult } from './contract';
export { controllers } from './controllers';
