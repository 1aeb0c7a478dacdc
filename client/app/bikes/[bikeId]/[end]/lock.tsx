export { LockScreen as default } from '../../../../src/lock/lock-screen';
