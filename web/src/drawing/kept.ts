/** The last of something that costs more to make than to keep. */
export interface Kept<Value> {
  key: string;
  value: Value | null;
}

/** What was made last, if it is asked for again. */
export function kept<Value>(last: Kept<Value>, key: string, make: () => Value): Value {
  if (last.value === null || last.key !== key) Object.assign(last, { key, value: make() });
  return last.value!;
}
