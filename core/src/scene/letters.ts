/** How large a drawing is lettered, and how wide one letter is then, in px. */
export interface Letters {
  size: number;
  letterPx: number;
}

/** On the page, in the condensed face of its figures. */
export const pageLetters: Letters = { size: 16, letterPx: 6.9 };
