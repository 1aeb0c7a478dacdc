import { readConfig } from '../src/config';
import { isUnavailable } from '../src/http/on-error';

describe('the configuration', () => {
  it('is safe by default', () => {
    expect(readConfig({})).toMatchObject({
      host: '127.0.0.1',
      port: 4620,
      demo: false,
      bodyLimitBytes: 262_144,
      clientDir: null,
    });
  });

  it.each(['0.0.0.0', '192.168.1.4', '::', 'example.org'])('keeps the demo off %s', (HOST) => {
    expect(() => readConfig({ HOST, DEMO: '1' })).toThrow(`HOST is ${HOST}; the demo shop lets anyone in`);
    expect(readConfig({ HOST }).host).toBe(HOST);
  });

  it.each([
    ['PORT', 'abc', 'whole number from 0 to 65535'],
    ['PORT', '70000', 'whole number from 0 to 65535'],
    ['BODY_LIMIT_BYTES', '10', 'whole number from 1024'],
  ])('names %s=%s and what is allowed', (name, value, words) => {
    expect(() => readConfig({ [name]: value })).toThrow(new RegExp(`${name} is ${value}.*${words}`));
  });

  it('takes what is given', () => {
    expect(
      readConfig({ PORT: '0', DEMO: '1', HOST: 'localhost', SHOP_NAME: 'Slip Lane', CLIENT_DIR: '/x' }),
    ).toMatchObject({ port: 0, demo: true, host: 'localhost', shopName: 'Slip Lane', clientDir: '/x' });
    expect(readConfig({ DEMO: '1' }).shopName).toBe('Tidewater Row Cycle Works');
  });
});

describe('what counts as a database that is away', () => {
  it.each([
    [{ code: 'ECONNREFUSED' }, true],
    [{ driverError: { code: '57P01' } }, true],
    [{ driverError: { code: '57P03' } }, true],
    [{ code: '08006' }, true],
    [{ errors: [{ code: 'ECONNREFUSED' }] }, true],
    [{ message: 'Connection terminated unexpectedly' }, true],
    [{ driverError: { code: '23505' } }, false],
    [{ driverError: { code: '42P01' } }, false],
    [new TypeError('x is not a function'), false],
  ])('%j: %s', (error, away) => {
    expect(isUnavailable(error)).toBe(away);
  });
});
