import { calc } from './calc';

const [name] = process.argv.slice(2);
let json = '';
if (name !== undefined) for await (const chunk of process.stdin) json += String(chunk);
const { text, exitCode } = calc(name, json);
process.stdout.write(`${text}\n`);
process.exitCode = exitCode;
