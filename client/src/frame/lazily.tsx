import { lazy, Suspense, type ComponentType } from 'react';

import { Fetching } from '../ui/notice';

type Screens = typeof import('../screens');

/**
 * A route's page, from the piece that comes after the first load.
 *
 * @example export default lazily(({ FitScreen }) => FitScreen);
 */
export function lazily(pick: (screens: Screens) => ComponentType): ComponentType {
  const Page = lazy(async () => ({ default: pick(await import('../screens')) }));
  return function LazyPage() {
    return (
      <Suspense fallback={<Fetching />}>
        <Page />
      </Suspense>
    );
  };
}
