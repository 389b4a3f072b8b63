/**
 * Place of the first item whose number is at least a value, among items in ascending order; their count if there is none.
 * By halving: a rack has two hundred drills, and looking at each is slow when the processor's cache is cold.
 * @example firstAtLeast([1, 2, 2, 5], (n) => n, 2) // 1
 */
export function firstAtLeast<Item>(
  ascending: readonly Item[],
  numberOf: (item: Item) => number,
  value: number,
): number {
  let low = 0;
  let high = ascending.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (numberOf(ascending[middle]!) < value) low = middle + 1;
    else high = middle;
  }
  return low;
}
