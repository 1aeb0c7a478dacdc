/** Flags of screens that a telephone draws. */
export const initScreensFeatureFlags = () => undefined;
