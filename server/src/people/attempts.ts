import { said } from '@cricket/core/said';
import { RateLimiterPostgres, RateLimiterRes } from 'rate-limiter-flexible';
import type { DataSource } from 'typeorm';

import { ProblemError } from '../problem/problem';

/** Wrong secrets that are borne for one person, and for one address, within the time. */
const perPerson = 5;
const perAddress = 40;
const withinSeconds = 15 * 60;

/**
 * Counts wrong passwords and PINs in the database, so that every server process knows of them. After five for one PIN, five of
 * one name from one address, or forty from one address, nobody gets in that way until a quarter of an hour has passed.
 */
export class Attempts {
  private readonly person: RateLimiterPostgres;
  private readonly address: RateLimiterPostgres;

  constructor(dataSource: DataSource) {
    const shared = { storeClient: dataSource, storeType: 'typeorm', tableName: 'attempt', tableCreated: true };
    this.person = new RateLimiterPostgres({
      ...shared,
      keyPrefix: 'person',
      points: perPerson,
      duration: withinSeconds,
      clearExpiredByTimeout: false,
    });
    this.address = new RateLimiterPostgres({
      ...shared,
      keyPrefix: 'address',
      points: perAddress,
      duration: withinSeconds,
      clearExpiredByTimeout: false,
    });
  }

  /**
   * Lets one try happen; a right one is forgotten, a wrong one counts.
   *
   * @param who - what is counted: a person's id, or a name together with the address that tries it
   * @throws ProblemError 429 when it was tried too often, 401 when the secret is wrong
   */
  async guard<T>(who: string, address: string, tried: () => Promise<T | null>): Promise<T> {
    // Counted before it is looked at: many at once must not all get through.
    await this.consume(this.address, address);
    await this.consume(this.person, who);
    const result = await tried();
    if (result === null) {
      throw new ProblemError(401, 'wrong-secret', said('problem.wrong-secret'));
    }
    await Promise.all([this.person.delete(who), this.address.reward(address, 1)]);
    return result;
  }

  private async consume(limiter: RateLimiterPostgres, key: string): Promise<void> {
    try {
      await limiter.consume(key.slice(0, 120));
    } catch (error) {
      if (!(error instanceof RateLimiterRes)) throw error;
      const minutes = Math.max(1, Math.ceil(error.msBeforeNext / 60_000));
      throw new ProblemError(
        429,
        'too-many-attempts',
        said('problem.too-often', { minutes }),
        [],
        undefined,
        Math.ceil(error.msBeforeNext / 1000),
      );
    }
  }
}
