import { handlebar, laidByHand, type BarPart } from '../handlebar';
import { barQuestion, notOnBar, withKit } from '.';
import { say } from '../english.testing';

const room = { straightMm: { left: 200, right: 200 }, centreMm: 90, gripDiameterMm: 22.2, centreDiameterMm: 31.8 };
const grips: BarPart[] = [
  { id: 'left', kind: 'grip', widthMm: 125, side: 'left' },
  { id: 'right', kind: 'grip', widthMm: 125, side: 'right' },
];
const throttle: BarPart = { id: 'throttle', kind: 'throttle-half', widthMm: 50, side: 'right', clampMm: 22.2 };
const display: BarPart = { id: 'display', kind: 'display', widthMm: 60, side: 'centre', clampMm: 31.8 };
const kit = { throttle: 'twist' as const, display: true };

describe('what the kit brings for the bar', () => {
  it('is missing until it is on the list, or stays off', () => {
    const bar = (parts: BarPart[]) => ({ bar: { room, parts } });
    expect(notOnBar(bar(grips), [kit])).toEqual(['throttle-twist', 'display']);
    expect(notOnBar({}, [kit])).toEqual(['throttle-twist', 'display']);
    expect(notOnBar(bar([...grips, throttle]), [kit])).toEqual(['display']);
    expect(notOnBar(bar([...grips, throttle, display]), [kit])).toEqual([]);
    expect(notOnBar({ ...bar([...grips, display]), job: { throttle: 'left-out' } }, [kit])).toEqual([]);
    expect(notOnBar(bar(grips), [])).toEqual([]);
    expect(notOnBar(bar(grips), [{ throttle: 'none', display: false }])).toEqual([]);
  });

  it('never goes while it is missing, and hides nothing worse', () => {
    const result = handlebar(barQuestion({ bar: { room, parts: grips } })!);
    expect(result.verdict).toBe('goes');
    const known = withKit(result, ['throttle-thumb', 'display']);
    expect(known.verdict).toBe('unknown');
    expect(known.findings[0]).toMatchObject({ id: 'from-kit', verdict: 'unknown' });
    expect(say(known.findings[0]!.because)).toContain('a thumb throttle and a display');
    expect(withKit({ ...result, verdict: 'stop' }, ['display']).verdict).toBe('stop');
    expect(withKit(result, [])).toBe(result);
  });

  it('is not known in an order of one’s own either', () => {
    const order = { left: ['left'], right: ['right'], centre: [] };
    const laid = laidByHand(barQuestion({ bar: { room, parts: grips } })!, order);
    expect(laid.verdict).toBe('goes');
    expect(withKit(laid, ['display'])).toMatchObject({ verdict: 'unknown', layout: laid.layout });
  });
});
