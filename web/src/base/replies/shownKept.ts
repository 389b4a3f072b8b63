/** Which addresses are shown as they were kept, because the server does not answer, and when each was read (ms). */
const shown = new Map<string, number>();
const listeners = new Set<() => void>();
const tell = () => {
  for (const hear of listeners) hear();
};

export function noteKept(address: string, readAt: number): void {
  shown.set(address, readAt);
  tell();
}
export function noteFresh(address: string): void {
  if (shown.delete(address)) tell();
}
export function onShownKept(hear: () => void): () => void {
  listeners.add(hear);
  return () => void listeners.delete(hear);
}
/** When the oldest of what is shown was read, ms; null: all of it is the server's own. */
export const oldestKept = (): number | null => (shown.size === 0 ? null : Math.min(...shown.values()));
