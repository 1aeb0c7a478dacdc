/** What a shop that has recorded nothing yet may start from: the usual drawer, and wheels as they commonly are. */
export { usualDrawer, drawerThreads, type DrawerLine, type DrawerThread } from './usual-drawer';
export { wheelPatterns, wheelFromPattern, type WheelPattern } from './wheel-patterns';
