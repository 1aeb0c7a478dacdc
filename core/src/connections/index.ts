/** Plugs of a loom: which go together, by which adapter, which stay open, which must not meet. */
export { connections } from './connections';
export {
  carried,
  ConnectionsInput,
  PlugPin,
  WiringAdapter,
  WiringPlug,
  type Carried,
  type ConnectionsResult,
  type JoinWay,
  type PlugJoin,
  type Repinned,
} from './contract';
