import { said, type Said } from '../said';
import type { LimitKey } from './table';

/** What is limited, in one sentence. */
export function limitSaid(key: LimitKey): Said {
  return said(`limits.${key}`);
}
