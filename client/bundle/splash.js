/** No picture stands before the page. */
export const hide = () => undefined;
export const hideAsync = () => Promise.resolve();
export const preventAutoHideAsync = () => Promise.resolve();
export const _internal_preventAutoHideAsync = () => Promise.resolve(false);
export const _internal_maybeHideAsync = () => Promise.resolve();
