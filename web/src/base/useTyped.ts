import type { UnitSystem } from '@deep-mend/core';
import { useEffect, useState, type ChangeEvent, type KeyboardEvent } from 'react';
import { isRecord, onDevice } from './kept.ts';

/** What was read from a text: a value, or what is wrong with it, in words for whoever typed it. */
export type Read<T> = { value: T } | { problem: string };

/** What was typed, and the unit of a bare number in it: the switch of units does not change what was meant. */
interface Typed {
  text: string;
  units: UnitSystem;
}
const isTyped = (value: unknown): value is Typed =>
  isRecord(value) && typeof value.text === 'string' && (value.units === 'mm' || value.units === 'in');

/**
 * A field that commits by itself: on Enter, or when it is left. What cannot be read stays as it was typed, with its problem;
 * what was typed and not committed is kept on the device under `keepAs`.
 *
 * @param shown - what stands in it while nobody types
 * @param parse - reads a text in the unit in which it was begun
 * @param commit - called with a value that was read, once
 */
export function useTyped<T>({
  shown,
  units,
  parse,
  commit,
  keepAs,
  shut = false,
}: {
  shown: string;
  units: UnitSystem;
  parse: (text: string, units: UnitSystem) => Read<T>;
  commit: (value: T) => void;
  keepAs: string;
  /** Nothing can be recorded here now: it shows what is, not what was once typed. */
  shut?: boolean;
}) {
  const key = `typed:${keepAs}`;
  const [kept, setTyped] = useState<Typed | null>(() => onDevice.value(key, isTyped));
  // Another tab on the same field: both show what was typed last, and what one of them committed is gone in both.
  useEffect(() => onDevice.heard(key, () => setTyped(onDevice.value(key, isTyped))), [key]);
  const typed = shut ? null : kept;
  const read = typed && parse(typed.text, typed.units);
  const problem = read && 'problem' in read ? read.problem : null;
  const change = (text: string) => {
    // A number typed on keeps its unit; an emptied field begins again in the unit that is shown.
    const next = { text, units: typed && typed.text.trim() !== '' ? typed.units : units };
    onDevice.keep(key, next);
    setTyped(next);
  };
  const forget = () => {
    onDevice.forget(key);
    setTyped(null);
  };
  const settle = () => {
    if (!read || 'problem' in read) return;
    forget();
    commit(read.value);
  };
  return {
    text: typed?.text ?? shown,
    /** The unit of a bare number in it. */
    units: typed?.units ?? units,
    /** Whether something is typed that is not committed yet, and what it reads as. */
    drafted: typed !== null,
    read,
    problem,
    forget,
    /** What an input needs of it. */
    on: {
      onChange: (event: ChangeEvent<HTMLInputElement | HTMLTextAreaElement>) => change(event.target.value),
      onBlur: settle,
      onKeyDown: (event: KeyboardEvent) => {
        if (event.key === 'Enter') settle();
      },
    },
  };
}
