/** Body of every error answer, `application/problem+json`. */
export interface Problem {
  type: string;
  title: string;
  status: number;
  /** Stable name of the error, for programs. */
  code: ProblemCode;
  /** What is wrong, field by field. */
  errors: ProblemField[];
  /** With `version-conflict`: what is stored now, and what was sent. */
  current?: unknown;
  yours?: unknown;
}

export interface ProblemField {
  /** Dotted path of the field. */
  path: string;
  messages: string[];
}

export type ProblemCode =
  | 'invalid-input'
  | 'malformed-json'
  | 'body-too-large'
  | 'not-found'
  | 'withdrawn'
  | 'version-conflict'
  | 'id-taken'
  | 'changed-meanwhile'
  | 'said-meanwhile'
  | 'origin-refused'
  | 'host-refused'
  | 'not-signed-in'
  | 'not-allowed'
  | 'wrong-secret'
  | 'too-many-attempts'
  | 'unreadable-picture'
  | 'unavailable'
  | 'internal';
