import { said } from '@cricket/core/said';
import type { Context } from 'hono';
import { HTTPException } from 'hono/http-exception';
import type { Logger } from 'pino';
import { EntityNotFoundError } from 'typeorm';

import { errorForLog } from '../problem/error-for-log';
import { answerProblem, ProblemError } from '../problem/problem';

/** PostgreSQL states that mean "come back later": connection lost, shutting down, starting up, too many connections. */
const passing = /^(08|57P0|53300)/;
const network = new Set(['ECONNREFUSED', 'ECONNRESET', 'EPIPE', 'ETIMEDOUT', 'ENOTFOUND']);

/** Turns whatever was thrown into a problem. Nothing of the inside gets out; the log has it. */
export function onError(log: Logger) {
  return (error: Error, c: Context): Response => {
    if (error instanceof ProblemError) return answerProblem(c, error);
    if (error instanceof EntityNotFoundError) {
      return answerProblem(c, new ProblemError(404, 'not-found', said('problem.no-such-thing')));
    }
    if (error instanceof HTTPException && error.status === 413) {
      return answerProblem(c, new ProblemError(413, 'body-too-large', said('problem.too-large')));
    }
    if (error instanceof HTTPException && error.status < 500) {
      return answerProblem(c, new ProblemError(400, 'malformed-json', said('problem.unreadable')));
    }
    const refused = refusedByDatabase(error);
    if (refused) return answerProblem(c, refused);
    const requestId = c.get('requestId') as string | undefined;
    if (isUnavailable(error)) {
      log.warn({ requestId, err: errorForLog(error) }, 'database unavailable');
      return answerProblem(c, new ProblemError(503, 'unavailable', said('problem.no-database')));
    }
    log.error({ requestId, err: errorForLog(error) }, 'request failed');
    return answerProblem(c, new ProblemError(500, 'internal', said('problem.internal')));
  };
}

/**
 * What the database itself will not keep: two that came first at once, a text or figure that no column takes. The rules above
 * say so with the field; this is the last of them.
 */
function refusedByDatabase(error: unknown): ProblemError | null {
  const code = (error as { driverError?: { code?: unknown } }).driverError?.code;
  if (typeof code !== 'string') return null;
  if (code === '23505') return new ProblemError(409, 'id-taken', said('problem.exists'));
  if (code === '23503') return new ProblemError(409, 'id-taken', said('problem.belongs-nowhere'));
  if (code.startsWith('22')) return new ProblemError(422, 'invalid-input', said('problem.value'));
  return null;
}

/** Whether an error means that the database is away for now. */
export function isUnavailable(error: unknown): boolean {
  const { code, driverError, message, errors } = error as {
    code?: string;
    driverError?: { code?: string };
    message?: string;
    errors?: { code?: string }[];
  };
  const codes = [code, driverError?.code, ...(errors ?? []).map((item) => item.code)];
  return (
    codes.some((item) => item !== undefined && (passing.test(item) || network.has(item))) ||
    /Connection terminated|connection timeout|timeout exceeded when trying to connect|not initialized|not connected|Driver not Connected/i.test(
      message ?? '',
    )
  );
}
