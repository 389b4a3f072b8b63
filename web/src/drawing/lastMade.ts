/** What was made last, and for what. */
export interface LastMade<Value> {
  key: string;
  value: Value | null;
}

/**
 * What was made last, if the same is asked for again. A drawing has no record to keep its lines beside (see `keep`): it is
 * one long row of layouts, each like the one before, and a memoised line sleeps while its data stay the same object.
 */
export function lastMade<Value>(last: LastMade<Value>, key: string, make: () => Value): Value {
  if (last.value === null || last.key !== key) Object.assign(last, { key, value: make() });
  return last.value!;
}
