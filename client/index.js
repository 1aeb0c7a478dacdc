import '@expo/metro-runtime';
import 'expo/src/Expo.fx';
import { ctx } from 'expo-router/_ctx';
import { ExpoRoot } from 'expo-router/build/ExpoRoot';
import { createElement } from 'react';
import { createRoot } from 'react-dom/client';

import { firstAnswers } from './src/frame/first-answers';
import { learnToSpeak } from './src/frame/speech';

/** The page. The router's own entry brings along what registers an app on a telephone. */
const root = createRoot(globalThis.document.getElementById('root'));
void Promise.all([firstAnswers(), learnToSpeak()])
  // Who is here may have another language than who was here.
  .then(() => learnToSpeak())
  .then(() => root.render(createElement(ExpoRoot, { context: ctx })));
