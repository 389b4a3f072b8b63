import { useEffect, useState } from 'react';
import { isNumber, onDevice } from '../../../../base/kept.ts';

const clock = (seconds: number) => `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;

/**
 * A wait at the machine: it runs on while the page is closed or reloaded, because only its end is kept, on the device.
 * Several may run at once. One that waits is for a step that something else comes before.
 */
export function StepTimer({ id, minutes, waits }: { id: string; minutes: number; waits: boolean }) {
  const key = `timer:${id}`;
  const [endsAt, setEndsAt] = useState<number | null>(() => onDevice.value(key, isNumber));
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (endsAt === null) return undefined;
    const tick = setInterval(() => setNow(Date.now()), 500);
    return () => clearInterval(tick);
  }, [endsAt]);
  const set = (at: number | null) => {
    if (at === null) onDevice.forget(key);
    else onDevice.keep(key, at);
    setNow(Date.now());
    setEndsAt(at);
  };
  if (endsAt === null)
    return (
      <button
        type="button"
        className="plain-button timer"
        disabled={waits}
        onClick={() => set(Date.now() + minutes * 60_000)}
      >
        {waits ? 'Tick off first' : `Start ${minutes} min`}
      </button>
    );
  const left = Math.max(0, Math.ceil((endsAt - now) / 1000));
  return (
    <span className="timer" data-over={left === 0}>
      <b role="timer">{left === 0 ? 'Time is up' : clock(left)}</b>
      <button type="button" className="plain-button" onClick={() => set(null)}>
        {left === 0 ? 'Done' : 'Stop'}
      </button>
    </span>
  );
}
