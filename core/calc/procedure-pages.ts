import { procedure, jobTime, schools, type Step } from '../src/procedure';
import { referenceJobs, type ReferenceJob } from '../src/procedure/jobs.testing';
import { english } from './calc';

/** One page for each reference job: its lists, and the plan as it comes out. */
export function procedurePages(): Record<string, string> {
  const jobs = Object.entries(referenceJobs);
  return {
    'procedure/README.md': [
      '# Reference conversions, step by step',
      'Each page has what the plan of such a job must contain, must not contain and must keep in order, and the plan as it comes out. Tests replay the lists in both schools.',
      jobs.map(([name, { title }]) => `- [${title}](${name}.md)`).join('\n'),
      '',
    ]
      .join('\n\n')
      .replace(/\n\n$/, '\n'),
    ...Object.fromEntries(jobs.map(([name, job]) => [`procedure/${name}.md`, page(job)])),
  };
}

function page({ title, job, contains, lacks, precedes }: ReferenceJob): string {
  const steps = procedure(job);
  const { p50, p90 } = jobTime(steps);
  return [
    `# ${title}`,
    `${steps.length} steps; hands on ${hours(p50)} as likely as not, ${hours(p90)} nine times out of ten. Schools: ${schools.join(', ')}; shown is ${job.school}.`,
    '## Must contain',
    list(contains),
    '## Must not contain',
    list(lacks),
    '## Must precede',
    precedes.map(([first, then]) => `- \`${first}\` before \`${then}\``).join('\n'),
    '## The plan',
    steps.map(line).join('\n'),
    '',
  ]
    .join('\n\n')
    .replace(/\n\n$/, '\n');
}

function line({ id, title, because }: Step, index: number): string {
  return `${index + 1}. ${english.say(title)} (\`${id}\`)${because ? `, ${english.say(because)}` : ''}`;
}

const list = (ids: readonly string[]): string => ids.map((id) => `- \`${id}\``).join('\n');

function hours(minutes: number): string {
  return `${Math.floor(minutes / 60)} h ${Math.round(minutes % 60)} min`;
}
