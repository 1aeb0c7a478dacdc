import { languages } from '@cricket/core/said';

import { FileLink } from './file-link';
import { languageNames } from './language-names';
import { speaking } from './say';

/** A sheet in one's own language, and beside it in each other: who it is printed for may read another. Laid out by what is round it. */
export function SheetLinks({ label, href }: { label: string; href: string }) {
  const others = languages.filter((language) => language !== speaking().language);
  return (
    <>
      <FileLink label={label} href={href} />
      {others.map((language) => (
        <FileLink key={language} label={languageNames[language]} href={`${href}?language=${language}`} />
      ))}
    </>
  );
}
