import { stepDefinitions } from '@cricket/core/procedure';

import { atSteps } from './at-steps';
import { stepExtras } from './features/stand/step-extras';

jest.mock('./data/shared-outbox', () => ({ outbox: {} }));
jest.mock('expo-router', () => ({}));

describe('what steps have besides their checks', () => {
  const ids = new Set(stepDefinitions.map(({ id }) => id));

  it('belongs to steps that there are', () => {
    const registered = [stepExtras, ...atSteps].flatMap(Object.keys);
    expect(registered.filter((id) => !ids.has(id))).toEqual([]);
    expect(Object.keys(stepExtras).length).toBeGreaterThan(8);
  });

  it('is shown by every station somewhere', () => {
    for (const station of atSteps) expect(Object.keys(station).length).toBeGreaterThan(0);
  });
});
