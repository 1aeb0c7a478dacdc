import type { PathElement } from '@cricket/core/power-path';

import { figure } from '../../ui/figure-text';
import { words } from './words';

/** What an element is, in one line. */
export function elementSays(element: PathElement): string {
  switch (element.kind) {
    case 'lead': {
      const size = element.mm2 === undefined ? words.awg(figure(element.awg!)) : words.mm2(figure(element.mm2));
      const metal = element.metal ? words.metals[element.metal] : words.metalOpen;
      return words.leadSays(size, figure(element.lengthM), metal);
    }
    case 'connector':
    case 'switch':
    case 'fuse':
      return words.upTo(figure(element.maxV));
    case 'joint':
      return element.metals.map((metal) => words.metals[metal]).join(' + ');
    case 'phase':
      return '';
  }
}
