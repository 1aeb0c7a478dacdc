/** A link as the web knows it, without the previews and menus of telephones. */
export { BaseExpoRouterLink as Link } from 'expo-router/build/link/BaseExpoRouterLink';
export { Redirect } from 'expo-router/build/link/Redirect';
