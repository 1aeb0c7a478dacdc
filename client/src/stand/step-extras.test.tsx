import { stepDefinitions } from '@cricket/core/procedure';

import { stepExtras } from './step-extras';

jest.mock('../data/shared-outbox', () => ({ outbox: {} }));
jest.mock('expo-router', () => ({}));

describe('what steps have besides their checks', () => {
  it('belongs to steps that there are', () => {
    const ids = new Set(stepDefinitions.map(({ id }) => id));
    expect(Object.keys(stepExtras).filter((id) => !ids.has(id))).toEqual([]);
    expect(Object.keys(stepExtras).length).toBeGreaterThan(8);
  });
});
