/** Where something that is not known is found out or written down. */
export { settledBy, type Known, type Settling } from './settled-by';
