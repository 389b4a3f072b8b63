import { useNow } from '../../../../base/useNow.ts';
import { clockWords } from '../../../../parts/clockWords.ts';
import { useMendClocks } from '../../ClockContext.ts';

/**
 * A wait at a step: an event with a due time, so that it runs on while the page is closed, on any device. Several may run at
 * once. One that waits is for a step that something else comes before.
 */
export function StepTimer({ what, minutes, waits }: { what: string; minutes: number; waits: boolean }) {
  const { running, start, end } = useMendClocks();
  const clock = running.find((one) => one.what === what);
  const now = useNow(clock ? 1000 : null);
  if (!clock)
    return (
      <button
        type="button"
        className="plain-button timer"
        disabled={waits || start === null}
        onClick={() => start?.(what, minutes)}
      >
        {waits ? 'Tick off first' : `Start ${minutes} min`}
      </button>
    );
  const left = Date.parse(clock.dueAt) - now;
  return (
    <span className="timer" data-over={left <= 0}>
      <b role="timer">{clockWords(left)}</b>
      <button type="button" className="plain-button" onClick={() => end(clock.clockId)}>
        {left <= 0 ? 'Done' : 'Stop'}
      </button>
    </span>
  );
}
