import { lazily } from '../../src/frame/lazily';

export default lazily(({ StoresLayout }) => StoresLayout);
