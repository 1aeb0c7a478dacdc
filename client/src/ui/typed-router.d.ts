import type { Page } from './pages';

declare module 'expo-router' {
  namespace ExpoRouter {
    interface __routes {
      href: Page;
    }
  }
}
