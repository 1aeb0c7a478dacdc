/** Hubs that are made for several ends: extenders, caps, rotor spacer, screws and their order. */
export { AdapterSet, EndAdapterInput, type EndAdapterResult, type EndBuild } from './contract';
export { endAdapter, openBuilds, washersOn, wheelIn } from './end-adapter';
