import { phrase } from '../../ui/say';

/** Words of the page for lists in files. */
export const words = {
  title: phrase('files.title'),
  kinds: { stores: phrase('files.kinds.stores'), kits: phrase('files.kinds.kits'), job: phrase('files.kinds.job') },
  out: phrase('files.out'),
  outNote: phrase('files.outNote'),
  csv: (kind: string) => phrase('files.csv', { kind }),
  json: (kind: string) => phrase('files.json', { kind }),
  in: phrase('files.in'),
  inNote: phrase('files.inNote'),
  choose: phrase('files.choose'),
  tooLarge: (mb: string, most: number) => phrase('files.tooLarge', { mb, most }),
  notUtf8: phrase('files.notUtf8'),
  notList: phrase('files.notList'),
  badJson: (message: string) => phrase('files.badJson', { message }),
  badCsv: (line: number, message: string) => phrase('files.badCsv', { line, message }),
  problem: (line: number, path: string, message: string) =>
    phrase('files.problem', { line, pathPart: path ? phrase('files.problem-text', { path }) : '', message }),
  more: (count: number) => phrase('files.more', { count }),
  twice: (id: string) => phrase('files.twice', { id }),
  empty: phrase('files.empty'),
  preview: (fresh: number, changed: number) => phrase('files.preview', { fresh, changed }),
  readIn: (count: number) => phrase('files.readIn', { count }),
  drop: phrase('files.drop'),
  done: (count: number) => phrase('files.done', { count }),
  jobNote: phrase('files.jobNote'),
  jobPreview: (tag: string, name: string, readings: number) => phrase('files.jobPreview', { tag, name, readings }),
  jobDone: (tag: string) => phrase('files.jobDone', { tag }),
  readJob: phrase('files.readJob'),
};
