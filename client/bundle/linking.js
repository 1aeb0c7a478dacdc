/** Addresses outside the app; those of the app are the browser's. */
export const openURL = (address) => Promise.resolve(globalThis.location.assign(address));
export const addEventListener = () => ({ remove: () => undefined });
