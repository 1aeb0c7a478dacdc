import { lazily } from '../../../src/frame/lazily';

export default lazily(({ WaysScreen }) => WaysScreen);
