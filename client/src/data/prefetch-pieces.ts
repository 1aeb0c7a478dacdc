/**
 * Fetches every piece of the app into the browser's cache once the first page stands: the stand's Wi-Fi is patchy, and a page
 * must open without it. The server marks pieces as never changing, so that the cache answers without asking.
 */
export async function prefetchPieces(): Promise<void> {
  try {
    const response = await fetch('/pieces.json');
    const pieces = (await response.json()) as string[];
    for (const piece of pieces) await fetch(piece, { priority: 'low' });
  } catch {
    // Without network now: what was fetched before is there, the rest comes when it is opened.
  }
}
