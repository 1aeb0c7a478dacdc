import type { Problem } from '@cricket/contract/problem';
import type { FactKind } from '@cricket/contract/register';

import type { WriteRequest } from './api';

/** A write that the server has not taken yet. */
export interface PendingWrite extends WriteRequest {
  /** Order in which it was made. */
  seq: number;
  /** What it is about, for the screen and for showing it before it is stored. */
  about: WriteAbout;
  madeAt: string;
  /** How often the server broke over it. */
  failures?: number;
  /** Set when the server refused it: it waits for a person. */
  refused: Problem | null;
}

export type WriteAbout =
  | { kind: 'bike-in' | 'bike-changed' | 'bike-out' | 'bike-back' | 'job-in'; bikeId: string }
  | { kind: FactKind | `${FactKind}-withdrawn` | 'taken-in' | 'order'; bikeId: string; id: string }
  | { kind: 'stock-move'; id: string; itemId: string }
  | { kind: 'store-item' | 'store-item-out' | 'wheel' | 'settings' | 'stores-import' | 'wheels-import'; id: string };
