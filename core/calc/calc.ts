import { inWords, speakerOf } from '@cricket/words';
import { core } from '@cricket/words/en';

import { InputError } from '../src/input';
import { calculators } from './calculators';

/** The command speaks English. */
export const english = speakerOf('en', core);

/** What the shell command does: prints this text, ends with this code. */
export interface CalcAnswer {
  text: string;
  exitCode: 0 | 1;
}

/**
 * Runs a calculator on JSON text. An object in gives an object out, an array an array; an item that fails becomes
 * `{ error }` and the rest still runs. What comes out is always valid JSON.
 *
 * @param name - the calculator; without one they are listed
 * @param json - the input
 */
export function calc(name: string | undefined, json: string): CalcAnswer {
  if (name === undefined) return { text: listing(), exitCode: 0 };
  const calculator = Object.hasOwn(calculators, name) ? calculators[name] : undefined;
  if (!calculator)
    return failed({
      path: '',
      message: `no calculator is called ${name}; there are ${Object.keys(calculators).join(', ')}`,
    });
  let input: unknown;
  try {
    input = JSON.parse(json);
  } catch (error) {
    return failed({ path: '', message: `the input is not valid JSON: ${(error as Error).message}` });
  }
  let exitCode: CalcAnswer['exitCode'] = 0;
  const one = (item: unknown) => {
    try {
      return inWords(calculator.run(item as never), english);
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      exitCode = 1;
      const { path, value, allowed, says } = error;
      return { error: { path, message: english.say(says), value: value ?? null, range: english.say(allowed) } };
    }
  };
  const output = Array.isArray(input) ? input.map(one) : one(input);
  return { text: JSON.stringify(output, null, 2), exitCode };
}

function listing(): string {
  const rows = Object.entries(calculators).map(
    ([name, { answers, example }]) =>
      `${name}\n    ${answers}\n    echo '${JSON.stringify(example)}' | npm run -s calc -- ${name}`,
  );
  return rows.join('\n\n');
}

function failed(error: { path: string; message: string }): CalcAnswer {
  return { text: JSON.stringify({ error }, null, 2), exitCode: 1 };
}
