import { languages } from '@cricket/core/said';
import { View } from 'react-native';

import { FileLink } from './file-link';
import { languageNames } from './language-names';
import { speaking } from './say';

/** A sheet in one's own language, and beside it in each other: who it is printed for may read another. */
export function SheetLinks({ label, href, className = '' }: { label: string; href: string; className?: string }) {
  const others = languages.filter((language) => language !== speaking().language);
  return (
    <View className={`flex-row flex-wrap gap-2 ${className}`}>
      <FileLink label={label} href={href} className="flex-1" />
      {others.map((language) => (
        <FileLink key={language} label={languageNames[language]} href={`${href}?language=${language}`} />
      ))}
    </View>
  );
}
