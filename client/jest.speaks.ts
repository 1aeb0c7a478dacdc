import { speakerOf } from '@cricket/words';
import { en } from '@cricket/words/en';

import { speakAs } from './src/ui/say';

speakAs(speakerOf('en', en));
