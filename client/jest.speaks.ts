import { speakerOf } from '@cricket/words';
import { core } from '@cricket/words/en';
import { page } from '@cricket/words/en/page';

import { speakAs } from './src/ui/say';

speakAs(speakerOf('en', core, page));
