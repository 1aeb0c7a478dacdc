/** What runs below the app: a browser. */
export const Platform = { OS: 'web', select: (choices) => ('web' in choices ? choices.web : choices.default) };
export const requireOptionalNativeModule = () => null;
