export { OrderScreen as default } from '../../../../src/order/order-screen';
