import { useLayoutEffect, useRef } from 'react';

type Actions = Record<string, () => unknown>;

/** Whether a key belongs to what has focus: single letters act only when nobody is typing and no dialog is open. */
function isTyping(target: EventTarget | null): boolean {
  if (!(target instanceof HTMLElement)) return false;
  return (
    target.isContentEditable ||
    /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName) ||
    target.closest('[role="dialog"]') !== null
  );
}

const isPressed = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && target.closest('button, a, summary, [role="button"]') !== null;

/**
 * Binds single keys for as long as the component is shown.
 * @param over - takes them before any other that binds the same, as what lies over a page does. There a key that is
 *   held down acts once: a foot switch that sticks must not run on by itself
 */
export function useKeys(actions: Actions, over = false): void {
  const latest = useRef(actions);
  // With the commit, not after it: a key pressed as soon as something is seen must not meet what was there before.
  useLayoutEffect(() => {
    latest.current = actions;
  });
  useLayoutEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.defaultPrevented || event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
      // Space and Enter on what has focus press that.
      if ((event.key === ' ' || event.key === 'Enter') && isPressed(event.target)) return;
      const action = latest.current[event.key];
      if (!action) return;
      event.preventDefault();
      if (over && event.repeat) return;
      action();
    };
    window.addEventListener('keydown', onKey, over);
    return () => window.removeEventListener('keydown', onKey, over);
  }, [over]);
}
