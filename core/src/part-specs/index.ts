/** What each kind of part is told by: one contract a kind. */
export { partSpecs } from './part-specs';
