import { inWords } from '@cricket/words';

import { jsonSchema } from '../src/input';
import { JobFile } from '../src/job-file';
import { surprises } from '../src/foresight/surprises.testing';
import { english } from './calc';
import { calculators } from './calculators';
import { pageTexts } from './page-texts';
import { procedurePages } from './procedure-pages';

/** Every page about the calculators by its path under docs. */
export function pages(): Record<string, string> {
  const named = Object.keys(calculators);
  return {
    ...Object.fromEntries(named.map((name) => [`calculators/${name}.md`, page(name)])),
    ...Object.fromEntries(named.map((name) => [`calculators/schema/${name}.json`, schema(name)])),
    'foresight.md': foresight(),
    ...procedurePages(),
    'job-file.schema.json': `${JSON.stringify(jsonSchema(JobFile), null, 2)}\n`,
  };
}

/** The contract as JSON Schema. */
export function schema(name: string): string {
  return `${JSON.stringify(jsonSchema(calculators[name]!.contract), null, 2)}\n`;
}

function page(name: string): string {
  const { answers, example, run } = calculators[name]!;
  const { formula, source, bounds } = pageTexts[name]!;
  const output = rounded(inWords(run(example as never), english));
  return [
    `# ${name}`,
    answers,
    `Contract: [JSON Schema](schema/${name}.json). Units are in the names; unknown fields are errors.`,
    '## How it is worked out',
    formula.map((line) => `- ${line}`).join('\n'),
    `Source: ${source}`,
    '## Bounds',
    bounds.map((line) => `- ${line}`).join('\n'),
    '## Worked example',
    'In:',
    fenced(example),
    'Out (figures to three decimals):',
    fenced(output),
    `\`npm run -s calc -- ${name} < in.json\` prints it.`,
    '',
  ]
    .join('\n\n')
    .replace(/\n\n$/, '\n');
}

const fenced = (value: unknown): string => `\`\`\`json\n${JSON.stringify(value, null, 1)}\n\`\`\``;

/** Figures to three decimals, so that a page reads well and a last digit does not matter. */
export function rounded(value: unknown): unknown {
  if (typeof value === 'number') return Math.round(value * 1000) / 1000 + 0;
  if (Array.isArray(value)) return value.map(rounded);
  if (value !== null && typeof value === 'object') {
    return Object.fromEntries(
      Object.entries(value)
        .filter(([, item]) => item !== undefined)
        .map(([key, item]) => [key, rounded(item)]),
    );
  }
  return value;
}

const verdictWords = { goes: 'Goes', work: 'Goes after work', stop: 'Stop', unknown: 'Not measured yet' };

function foresight(): string {
  const parts = surprises.map(({ number, title, cases }) =>
    [
      `## ${number} ${title}`,
      ...cases.map(({ story, rule, verdict, findings }) => {
        const said = findings().find(({ id }) => id === rule)!;
        return `- ${story}: **${verdictWords[verdict]}** (\`${rule}\`). ${[said.because, ...said.remedies].map(english.say).join(' ')}`;
      }),
    ].join('\n'),
  );
  return [
    '# Foreseen before anything is ordered',
    'Each surprise that is otherwise met with the wheel in hand, the invented bike and kit on which the fit foresees it, and what it says. The bikes differ from one on which everything goes only by what is named. A test replays all of them, and beside each the same bike without the one fault, of which the rule must say nothing: a rule that always or never speaks fails it.',
    ...parts,
    '',
  ]
    .join('\n\n')
    .replace(/\n\n$/, '\n');
}
