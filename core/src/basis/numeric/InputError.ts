/** What can go wrong in the core, as data: the code, what was given, and what would have been possible. */
export type InputErrorCode =
  | 'not-finite'
  | 'out-of-range'
  | 'unknown-thread'
  | 'unknown-drill'
  | 'unknown-material'
  | 'unknown-fastener-class'
  | 'unknown-tolerance'
  | 'no-coil'
  | 'case-incomplete'
  | 'unknown-route'
  | 'unknown-event';

/**
 * A typed failure of a core function. `given` is the offending input, `possible` what the function accepts.
 * Callers at a border turn it into words; inside the core it is never swallowed.
 */
export class InputError extends Error {
  readonly code: InputErrorCode;
  readonly given: unknown;
  readonly possible: readonly unknown[];

  constructor(code: InputErrorCode, given: unknown, possible: readonly unknown[] = []) {
    super(`${code}: ${String(given)}${possible.length > 0 ? ` (possible: ${possible.join(', ')})` : ''}`);
    this.name = 'InputError';
    this.code = code;
    this.given = given;
    this.possible = possible;
  }
}
