import Button from '@mui/material/Button';
import { useNow } from '../../base/useNow.ts';
import { clockWords } from '../../parts/clockWords.ts';
import { useMendClocks } from './ClockContext.ts';

/** The waits that run on this mend, each with what is left of it; late is said as late. */
export function RunningClocks() {
  const { running, end } = useMendClocks();
  const now = useNow(running.length > 0 ? 1000 : null);
  if (running.length === 0) return null;
  return (
    <ul className="clock-list" aria-label="Clocks">
      {running.map(({ clockId, what, dueAt }) => {
        const left = Date.parse(dueAt) - now;
        return (
          <li key={clockId} data-due={left <= 0}>
            <b role="timer">{clockWords(left)}</b>
            <span>{what}</span>
            <Button variant="outlined" onClick={() => end(clockId)} sx={{ minHeight: 64, color: 'inherit' }}>
              {left <= 0 ? 'Seen to' : 'Stop it'}
            </Button>
          </li>
        );
      })}
    </ul>
  );
}
