import { useState } from 'react';
import { isRecord, onDevice } from './kept.ts';

type Texts = Readonly<Record<string, string>>;

/**
 * The texts of a form that is sent by a button, kept on the device until they are recorded.
 * @param started - what stands in its fields before anything is typed
 * @example const { typed, change } = useKeptForm('asset', { name: '' });
 */
export function useKeptForm<T extends Texts>(keepAs: string, started: T) {
  const key = `form:${keepAs}`;
  // What another build kept of a field that it does not have is left out.
  const isKept = (value: unknown): value is T =>
    isRecord(value) && Object.keys(started).every((name) => typeof value[name] === 'string');
  const [typed, setTyped] = useState<T>(() => onDevice.value(key, isKept) ?? started);
  return {
    typed,
    change: (part: Partial<T>) => {
      const next = { ...typed, ...part };
      onDevice.keep(key, next);
      setTyped(next);
    },
    /** It is recorded, and stands where it was recorded. */
    forget: () => onDevice.forget(key),
    /** It is recorded, and the fields begin anew. */
    clear: () => {
      onDevice.forget(key);
      setTyped(started);
    },
  };
}
