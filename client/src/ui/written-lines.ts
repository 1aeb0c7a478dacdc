/** The lines of a text that say something, without the blanks around them. */
export const writtenLines = (text: string): string[] =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean);
