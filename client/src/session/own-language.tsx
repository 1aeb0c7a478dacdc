import { routes } from '@cricket/contract/routes';
import type { SessionInfo } from '@cricket/contract/shapes';
import { languages, type Language } from '@cricket/core/said';
import { useState } from 'react';
import { View } from 'react-native';

import { ask } from '../data/api';
import { takeOver } from '../data/use-session';
import { languageNames } from '../ui/language-names';
import { speaking } from '../ui/say';
import { Segments } from '../ui/segments';
import { Txt } from '../ui/txt';
import { problemWords } from './problem-words';
import { words } from './words';

/** In which language one is spoken to. */
export function OwnLanguage() {
  const [problem, setProblem] = useState<string[]>([]);
  const choose = async (language: Language) => {
    try {
      takeOver(await ask<SessionInfo>('PUT', routes.ownLanguage, { language }));
    } catch (error) {
      setProblem(problemWords(error));
    }
  };
  return (
    <View className="gap-1">
      <Txt bold>{words.language}</Txt>
      <Segments
        label={words.language}
        options={languages.map((language) => [language, languageNames[language]] as const)}
        value={speaking().language}
        onChange={(language) => void choose(language)}
      />
      {problem.map((line) => (
        <Txt key={line} role="alert" tone="stop" bold>
          {line}
        </Txt>
      ))}
    </View>
  );
}
