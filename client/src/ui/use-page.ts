import { useEffect, type RefObject } from 'react';
import type { View } from 'react-native';

/** The address of the page that was shown last. */
let shown: string | null = null;
/** The tag of the bike that stands beside the page on a wide screen. */
let tagBeside: string | null = null;

/** What the page calls itself, with its own bike where it names one. */
let called: { title: string; tag: string | undefined } | null = null;

/** Whichever comes last, the page or what stands beside it: the tab has both names. */
function nameTab(): void {
  if (!called) return;
  const bike = called.tag ?? tagBeside;
  document.title = bike ? `${bike} · ${called.title}` : called.title;
}

/** Notes whose page stands beside another: a tab is named after the bike, too. */
export function useBeside(tag: string | null): void {
  useEffect(() => {
    tagBeside = tag;
    nameTab();
    return () => {
      tagBeside = null;
    };
  }, [tag]);
}

/**
 * Names the browser's tab after the page, and takes the cursor there when another page has come: what was pressed to get here is
 * gone, and Tab goes on from the page, or from what on it says that it begins there, not from the top.
 *
 * @param title - words of the title without those of the bike; null for what only stands beside a page
 */
export function usePage(page: RefObject<View | null>, tag: string | undefined, title: string | null): void {
  useEffect(() => {
    if (title === null) return;
    called = { title, tag };
    nameTab();
  }, [title, tag]);
  const isPage = title !== null;
  useEffect(() => {
    if (!isPage) return;
    const { pathname, search } = window.location;
    const address = pathname + search;
    const isOther = shown !== null && shown !== address;
    shown = address;
    const lost = document.activeElement === null || document.activeElement === document.body;
    if (!isOther || !lost) return;
    const main = page.current as unknown as HTMLElement | null;
    (main?.querySelector<HTMLElement>('[data-begins]') ?? main)?.focus({ preventScroll: true });
  }, [page, isPage]);
}
