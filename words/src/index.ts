/** Sentences in each language, made of codes and figures. */
export { allMessages, messageOf, type Messages } from './catalogue';
export { figureIn } from './figures';
export { inWords } from './in-words';
export { argumentsOf, speakerOf, type Params, type Speaker } from './speaker';
