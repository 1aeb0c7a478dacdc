import { Failed, Fetching, Notice } from './notice';
import type { Page } from './pages';
import { Screen } from './screen';
import { words } from './words';

/** Something that a page has asked for. */
export interface Fetched {
  isPending: boolean;
  refetch: () => unknown;
}

export interface NotThereProps {
  title?: string;
  backTo: Page;
  asked: readonly Fetched[];
  /** There is no such thing: what to say instead of trying again. */
  gone?: { title: string; because?: string; to?: { label: string; path: Page } } | undefined;
}

/** Instead of a page whose data is not there: it is on its way, there is no such thing, or it cannot be fetched. */
export function NotThere({ title, backTo, asked, gone }: NotThereProps) {
  const isPending = asked.some((each) => each.isPending);
  const retry = () => {
    for (const { refetch } of asked) void refetch();
  };
  return (
    <Screen title={title ?? (isPending ? words.loading : (gone?.title ?? words.broken))} backTo={backTo}>
      {gone ? (
        <Notice to={{ label: words.home, path: '/' }} {...gone} />
      ) : isPending ? (
        <Fetching />
      ) : (
        <Failed retry={retry} />
      )}
    </Screen>
  );
}
