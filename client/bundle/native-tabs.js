/** No bar of tabs that the telephone draws. */
export const isNativeTabTrigger = () => false;
