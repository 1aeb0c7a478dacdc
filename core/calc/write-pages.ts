import { mkdirSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';

import { pages } from './pages';

const docs = join(import.meta.dirname, '..', '..', 'docs');
for (const [path, text] of Object.entries(pages())) {
  mkdirSync(dirname(join(docs, path)), { recursive: true });
  writeFileSync(join(docs, path), text);
}
