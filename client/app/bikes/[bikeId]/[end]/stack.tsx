export { StackScreen as default } from '../../../../src/fit/stack-screen';
