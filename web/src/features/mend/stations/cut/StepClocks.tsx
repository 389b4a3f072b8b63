import Button from '@mui/material/Button';
import { cureMinutes, type FrozenPlan } from '@deep-mend/core';
import { useState } from 'react';
import { useMendClocks } from '../../ClockContext.ts';
import { RunningClocks } from '../../RunningClocks.tsx';

/** How cold it is in the shop: a cold one cures slower. */
const SHOP_C = [20, 12, 5] as const;
/** Waits that a hand starts for itself, minutes. */
const PLAIN_MINUTES = [5, 10, 20] as const;
const MINUTES_AN_HOUR = 60;

const waitWords = (minutes: number): string =>
  minutes < 2 * MINUTES_AN_HOUR ? `${Math.round(minutes)} min` : `${Math.round(minutes / MINUTES_AN_HOUR)} h`;

/** Waits of what cures: firm and full, by the temperature of the shop. */
function Cure({ fixedMinutes, fullHours }: { fixedMinutes: number; fullHours: number }) {
  const { start } = useMendClocks();
  const [shopC, setShopC] = useState<number>(SHOP_C[0]);
  const waits = [
    { what: 'firm', cures: 'firm', minutes: cureMinutes(fixedMinutes, shopC) },
    { what: 'full strength', cures: 'full', minutes: cureMinutes(fullHours * MINUTES_AN_HOUR, shopC) },
  ] as const;
  return (
    <>
      <p className="clock-start" role="radiogroup" aria-label="Temperature of the shop">
        {SHOP_C.map((celsius) => (
          <Button
            key={celsius}
            role="radio"
            aria-checked={celsius === shopC}
            variant={celsius === shopC ? 'contained' : 'outlined'}
            onClick={() => setShopC(celsius)}
            sx={{ color: celsius === shopC ? undefined : 'inherit' }}
          >
            {celsius} °C
          </Button>
        ))}
      </p>
      <p className="clock-start">
        {waits.map(({ what, cures, minutes }) => (
          <Button
            key={what}
            variant="outlined"
            sx={{ color: 'inherit' }}
            onClick={() => start?.(`${what}, at ${shopC} °C`, minutes, cures)}
          >
            Start: {what} in {waitWords(minutes)}
          </Button>
        ))}
      </p>
    </>
  );
}

/** Clocks at a step: those of what cures by its data, others by a press; and all that run. */
export function StepClocks({ frozen, title }: { frozen: FrozenPlan['steps'][number] | undefined; title: string }) {
  const { start } = useMendClocks();
  const [more, setMore] = useState(false);
  const { fixedMinutes, fullHours } = (frozen?.kind === 'cure' ? frozen.facts : {}) as {
    fixedMinutes?: number;
    fullHours?: number;
  };
  return (
    <>
      <RunningClocks />
      {fixedMinutes !== undefined && fullHours !== undefined && (
        <Cure fixedMinutes={fixedMinutes} fullHours={fullHours} />
      )}
      {start && fixedMinutes === undefined && (
        <p className="clock-start">
          <Button variant="text" sx={{ color: 'inherit' }} aria-expanded={more} onClick={() => setMore(!more)}>
            A clock
          </Button>
          {more &&
            PLAIN_MINUTES.map((minutes) => (
              <Button
                key={minutes}
                variant="outlined"
                sx={{ color: 'inherit' }}
                onClick={() => {
                  setMore(false);
                  start(title, minutes);
                }}
              >
                {minutes} min
              </Button>
            ))}
        </p>
      )}
    </>
  );
}
