import { usePathname } from 'expo-router';
import { View } from 'react-native';

import { Icon, type IconName } from '../ui/icons';
import { ToPage } from '../ui/to-page';
import { Txt } from '../ui/txt';
import { words } from '../ui/words';
import type { Page } from '../ui/pages';

const places: { name: string; icon: IconName; path: Page; owns: (path: string) => boolean }[] = [
  { name: words.bikes, icon: 'bikes', path: '/', owns: (path) => path === '/' || path.startsWith('/bikes') },
  { name: words.stores, icon: 'stores', path: '/stores', owns: (path) => path.startsWith('/stores') },
  { name: words.wheels, icon: 'wheels', path: '/wheels', owns: (path) => path.startsWith('/wheels') },
  { name: words.shop, icon: 'shop', path: '/shop', owns: (path) => path.startsWith('/shop') },
];

/** The way between the four places: along the bottom on a phone, down the side on a wide screen. */
export function Bar({ wide }: { wide: boolean }) {
  const path = usePathname();
  return (
    <View
      role="navigation"
      className={`screen-only bg-sheet ${wide ? 'w-[84px] border-r-2 border-ink pt-4' : 'flex-row border-t-2 border-ink'}`}
    >
      {places.map(({ name, icon, path: to, owns }) => {
        const here = owns(path);
        return (
          <ToPage
            key={name}
            aria-current={here ? 'page' : undefined}
            to={to}
            className={`items-center justify-center ${wide ? 'min-h-[72px] border-l-[6px]' : 'min-h-[60px] flex-1 border-t-4'} ${here ? 'border-lime' : 'border-transparent'}`}
          >
            <Icon name={icon} tone={here ? 'ink' : 'soft'} />
            <Txt size="label" figure bold={here} tone={here ? 'ink' : 'soft'}>
              {name}
            </Txt>
          </ToPage>
        );
      })}
    </View>
  );
}
