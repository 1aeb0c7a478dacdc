/** Whether what is told of a bike may be what its feature may be: held against the contracts of all of them. */
export { whyNotTold } from './why-not-told';
