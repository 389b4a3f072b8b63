import { useState } from 'react';
import { onDevice } from './kept.ts';

/**
 * A text of a form, kept on the device until the form is recorded.
 * @param started - what stands in it before anything is typed
 */
export function useKeptText(keepAs: string, started = '') {
  const key = `text:${keepAs}`;
  const [text, setText] = useState(() => onDevice.text(key) ?? started);
  return {
    text,
    change: (next: string) => {
      onDevice.keepText(key, next);
      setText(next);
    },
    /** It is recorded: what is typed next begins from what stands there. */
    forget: () => onDevice.forget(key),
  };
}
