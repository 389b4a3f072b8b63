import { useEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import { useRead } from '../base/client.ts';
import { useNow } from '../base/useNow.ts';
import { clockWords } from './clockWords.ts';

/** Asked for again so often: another device may have started one. */
const ASK_EVERY_MS = 20_000;
/** Of a tone that says that a wait is over: pitch, Hz, and length, s. */
const TONE = { hz: 880, seconds: 0.6 } as const;

/** A tone while the page is open. A browser that nobody has touched yet stays silent: what is due stands in words anyway. */
function sound(): void {
  if (typeof AudioContext === 'undefined') return;
  const audio = new AudioContext();
  const tone = audio.createOscillator();
  tone.frequency.value = TONE.hz;
  tone.connect(audio.destination);
  tone.start();
  tone.stop(audio.currentTime + TONE.seconds);
  tone.onended = () => void audio.close();
}

/** Waits of all holes, the one that is due first on top; heard when one is over. */
export function useClocks() {
  const { data = [] } = useRead('/clocks', { refreshInterval: ASK_EVERY_MS });
  const now = useNow(data.length > 0 ? 1000 : null);
  return data.map((hole) => ({ hole, leftMs: Date.parse(hole.clockDueAt!) - now }));
}

/** At the top of every view: the wait that is due first, and how many are over. */
export function ClocksDue() {
  const clocks = useClocks();
  const due = clocks.filter(({ leftMs }) => leftMs <= 0).length;
  const before = useRef<number | null>(null);
  const [loud] = useState(() => sound);
  useEffect(() => {
    if (before.current !== null && due > before.current) loud();
    before.current = due;
  }, [due, loud]);
  const [first] = clocks;
  if (!first) return null;
  return (
    <Link
      className="clocks-due"
      data-due={due > 0}
      to={`/mend/${first.hole.id}/cut`}
      title={`${first.hole.clockWhat}, ${first.hole.name}`}
    >
      <b role="timer">{clockWords(first.leftMs)}</b>
      <span>
        {first.hole.clockWhat}
        {clocks.length > 1 ? ` and ${clocks.length - 1} more` : ''}
      </span>
    </Link>
  );
}
