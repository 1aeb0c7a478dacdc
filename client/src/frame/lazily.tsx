import { lazy, Suspense, type ComponentType, type ReactNode } from 'react';

import { Fetching } from '../ui/notice';

type Screens = typeof import('../screens');

/**
 * Something from the piece that comes after the first load: a route's page, or what stands beside it.
 *
 * @param meanwhile - what stands there until it has come
 * @example export default lazily(({ FitScreen }) => FitScreen);
 */
export function lazily<P extends object>(
  pick: (screens: Screens) => ComponentType<P>,
  meanwhile: ReactNode = <Fetching />,
): ComponentType<P> {
  const Page = lazy(async () => ({ default: pick(await import('../screens')) as ComponentType<object> }));
  return function LazyPage(props: P) {
    return (
      <Suspense fallback={meanwhile}>
        <Page {...props} />
      </Suspense>
    );
  };
}
