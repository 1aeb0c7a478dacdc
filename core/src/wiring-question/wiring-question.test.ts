import { connectionsExample } from '../../calc/examples';
import { connections } from '../connections';
import { middleOf, wiringOfBike } from '.';

const { plugs } = connectionsExample;

describe('the plugs of a bike', () => {
  it('wait for two of them', () => {
    expect(wiringOfBike({})).toEqual({ kind: 'waiting' });
    expect(wiringOfBike({ wiring: { plugs: plugs.slice(0, 1) } })).toEqual({ kind: 'waiting' });
  });

  it('meet as the calculator says', () => {
    const wiring = wiringOfBike({ wiring: { plugs, repin: true } });
    expect(wiring).toMatchObject({ kind: 'open', result: connections(connectionsExample) });
    // Contacts stay where they are unless somebody has said that they may be moved.
    expect(wiringOfBike({ wiring: { plugs } })).toMatchObject({ result: { verdict: 'stop' } });
  });

  it('tell what contradicts itself', () => {
    expect(wiringOfBike({ wiring: { plugs: [plugs[0]!, plugs[0]!] } })).toMatchObject({ kind: 'contradiction' });
  });

  it('are drawn about the part with most of them', () => {
    expect(middleOf(plugs)).toBe('controller');
    expect(middleOf([])).toBeNull();
  });
});
