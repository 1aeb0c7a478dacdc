/** The way back to stock: what came off goes on again, and what cannot return is named. */
export { putBack, type PutBack } from './put-back';
