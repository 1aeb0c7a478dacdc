/** A pattern for one of several words as they are typed, the longest first: "rotor bolt" before "rotor". */
export function oneOfWords(words: readonly string[]): string {
  return [...words]
    .sort((one, other) => other.length - one.length)
    .map((word) => word.replace(/[.*+?^${}()|[\]\\]/g, '\\$&').replace(/ /g, '\\s+'))
    .join('|');
}

/** Whether a typed word is this one, however it is spaced and whichever letters are large. */
export function isWord(typed: string | undefined, word: string): boolean {
  return typed !== undefined && plain(typed) === plain(word);
}

const plain = (text: string) => text.toLowerCase().replace(/\s+/g, ' ');
