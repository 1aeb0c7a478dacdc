import { OneOf } from '@cricket/core/input';
import { languages, type Language } from '@cricket/core/said';

/** In which language one is spoken to: pages, problems and sheets. */
export class OwnLanguage {
  @OneOf(languages) language!: Language;
}
