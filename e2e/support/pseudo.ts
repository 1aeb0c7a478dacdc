import type { BrowserContext, Page } from '@playwright/test';

/** Around everything that comes out of the catalogues. */
const marks = { open: '⟦', close: '⟧' };

/** A message in a catalogue of the built page: its code, and its text in whichever quotes. */
const message = /([{,](?:"[\w.-]+"|[\w$]+):)(["'`])((?:(?!\2)[^\\]|\\.)*)\2/g;

/** A module of the built page that is a catalogue and nothing else. */
const catalogue = /^__d\(function\([\w,$]*\)\{\w+\.exports=\{(?:"|\w+:["'`])/;

/** From now on every message of the catalogues stands between marks, whatever its language. */
export async function speakInMarks(context: BrowserContext): Promise<void> {
  await context.route(/\/index-[0-9a-f]+\.js$/, async (route) => {
    const answer = await route.fetch();
    const text = await answer.text();
    const body = text
      .split('\n')
      .map((line) =>
        catalogue.test(line)
          ? line.replace(
              message,
              (_, code: string, quote: string, words: string) =>
                `${code}${quote}${marks.open}${words}${marks.close}${quote}`,
            )
          : line,
      )
      .join('\n');
    await route.fulfill({ response: answer, body });
  });
}

/** What the page shows that no catalogue says: letters outside of all marks. */
export async function outsideMarks(page: Page): Promise<string[]> {
  const texts = await page.evaluate(() => {
    const found: string[] = [];
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    while (walker.nextNode()) {
      if (!walker.currentNode.parentElement!.closest('script, style, noscript'))
        found.push(walker.currentNode.textContent!.trim());
    }
    for (const labelled of Array.from(document.querySelectorAll('[aria-label]')))
      found.push(labelled.getAttribute('aria-label')!);
    return found;
  });
  return [...new Set(texts.map(withoutMarked))].filter((text) => /\p{Letter}{2}/u.test(text));
}

/** A text without what stands between marks, those within marks as well. */
function withoutMarked(text: string): string {
  const inner = /⟦[^⟦⟧]*⟧/g;
  const less = text.replace(inner, ' ');
  return less === text ? text.trim() : withoutMarked(less);
}
