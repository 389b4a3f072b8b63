/** What can go wrong in the core, as data: the code, what was asked, and what would have been possible. */
export type CoreErrorCode =
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
 * A typed failure of a core function. `asked` is the offending input, `possible` what the function accepts.
 * Callers at a border turn it into words; inside the core it is never swallowed.
 */
export class CoreError extends Error {
  readonly code: CoreErrorCode;
  readonly asked: unknown;
  readonly possible: readonly unknown[];

  constructor(code: CoreErrorCode, asked: unknown, possible: readonly unknown[] = []) {
    super(`${code}: ${String(asked)}${possible.length > 0 ? ` (possible: ${possible.join(', ')})` : ''}`);
    this.name = 'CoreError';
    this.code = code;
    this.asked = asked;
    this.possible = possible;
  }
}
