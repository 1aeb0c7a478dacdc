import { changesOf, withChanges } from './form-changes';

const before = { code: 'FW-1', note: '', kit: { ratedW: '250', kv: '' } };

describe('what was typed into a form', () => {
  it('is held field by field, and nothing else', () => {
    expect(changesOf(before, before)).toBeNull();
    expect(changesOf(before, { ...before, note: 'heavy' })).toEqual({ note: 'heavy' });
    expect(changesOf(before, { ...before, kit: { ratedW: '250', kv: '8,1' } })).toEqual({ kit: { kv: '8,1' } });
    // Emptied is changed, too.
    expect(changesOf(before, { ...before, code: '' })).toEqual({ code: '' });
  });

  it('is laid over what is there now: what others have kept meanwhile stays', () => {
    const now = { ...before, code: 'FW-1b', kit: { ratedW: '350', kv: '' } };
    expect(withChanges(now, { note: 'heavy', kit: { kv: '8,1' } })).toEqual({
      code: 'FW-1b',
      note: 'heavy',
      kit: { ratedW: '350', kv: '8,1' },
    });
  });

  it('comes back exactly, whatever was changed', () => {
    const now = { code: 'X', note: 'y', kit: { ratedW: '', kv: '9' } };
    expect(withChanges(before, changesOf(before, now)!)).toEqual(now);
  });

  it('leaves out what is no field any more, or has become something else', () => {
    expect(withChanges(before, { colour: 'red', kit: 'none' })).toEqual(before);
  });
});
