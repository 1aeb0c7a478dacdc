import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

const contracts = join(__dirname, '..', '..', 'core', 'src', 'input');

/** Names that the contracts take from the package. */
function used(): string[] {
  const sources = readdirSync(contracts).filter((name) => !name.includes('.test.'));
  return sources.flatMap((name) => {
    const taken = /import \{([^}]*)\} from 'class-validator'/.exec(readFileSync(join(contracts, name), 'utf8'));
    return taken ? taken[1]!.split(',').map((part) => part.trim()) : [];
  });
}

describe('what the client ships of class-validator', () => {
  it('is all that the contracts use, and the very same', () => {
    const shipped = jest.requireActual<Record<string, unknown>>('../class-validator-parts.js');
    const whole = jest.requireActual<Record<string, unknown>>('class-validator');
    expect(used()).toContain('registerDecorator');
    for (const name of used()) expect(shipped[name]).toBe(whole[name]);
  });
});
