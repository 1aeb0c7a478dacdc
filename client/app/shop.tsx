export { ShopScreen as default } from '../src/shop/shop-screen';
