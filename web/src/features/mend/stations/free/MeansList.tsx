import { ATTEMPT_OUTCOMES, MEANS, SAY, sayMeans, type MeansId, type SaidMeans } from '@deep-mend/core';
import { useMemo, useState } from 'react';
import { Verdict } from '../../../../parts/Verdict.tsx';
import type { FreeProps } from './FreePanel.tsx';
import { MeansSteps } from './MeansSteps.tsx';

/** What a mechanic is tempted to reach for, soonest first: said first where it would do harm here. */
const tempting = (rows: readonly SaidMeans[], kind: 'screw' | 'pin') =>
  rows
    .filter((row) => MEANS[row.id].tempts[kind] !== null)
    .sort((a, b) => MEANS[a.id].tempts[kind]! - MEANS[b.id].tempts[kind]!);

type Props = Pick<FreeProps, 'holeId' | 'free' | 'file' | 'units' | 'readOnly' | 'onAttempt'>;

/** First this, not that; then every means in order of least harm, each with its steps, its clocks and its stop. */
export function MeansList({ holeId, free, file, units, readOnly, onAttempt }: Props) {
  const { stuck } = free;
  const means = useMemo(() => free.means.map((row) => sayMeans(row, SAY[units])), [free.means, units]);
  const standing = means.filter((row) => row.verdict !== 'does-not-hold');
  const out = means.filter((row) => row.verdict === 'does-not-hold');
  const first = standing[0]!;
  // Until one is opened by hand the first stands open, also when tries in vain have made another the first.
  const [chosen, setOpened] = useState<MeansId | null | undefined>(undefined);
  const opened = chosen === undefined ? first.id : chosen;
  const attempts = file.mends.find((mend) => mend.outcome === 'open')?.attempts ?? [];
  const nameOf = (id: MeansId) => means.find((row) => row.id === id)!.title.toLowerCase();
  const warned = tempting(out, stuck.what === 'dowel' ? 'pin' : 'screw').slice(0, 2);
  return (
    <>
      <p className="free-first">
        First: <b>{first.title.toLowerCase()}</b>.
      </p>
      {warned.map((row) => (
        <p key={row.id} className="not-this">
          Not: <b>{row.title.toLowerCase()}</b>, {row.because}.
        </p>
      ))}
      <ol className="checks" aria-label="Means, least harm first">
        {standing.map((row) => (
          <li key={row.id}>
            <button
              type="button"
              className="plain-button check"
              aria-expanded={opened === row.id}
              onClick={() => setOpened(opened === row.id ? null : row.id)}
            >
              <Verdict verdict={row.verdict} word={false} size={16} />
              <b>{row.title}</b>
              <span className="check-because">{row.because}</span>
              <span className="check-because">{row.takes}</span>
            </button>
            {opened === row.id && (
              <MeansSteps
                holeId={holeId}
                means={row}
                readOnly={readOnly}
                onAttempt={(outcome, ticked) => {
                  onAttempt(row.id, outcome, ticked);
                  setOpened(undefined);
                }}
              />
            )}
          </li>
        ))}
      </ol>
      {attempts.length > 0 && (
        <p className="quiet-text">
          Tried:{' '}
          {attempts
            .map(
              (attempt) =>
                `${nameOf(attempt.means)}: ${ATTEMPT_OUTCOMES.find((o) => o.id === attempt.outcome)!.name.toLowerCase()} (${attempt.actor})`,
            )
            .join('; ')}
          .
        </p>
      )}
      <details className="why-not">
        <summary>Why not ({out.length})</summary>
        {out.map((row) => (
          <p key={row.id}>
            {row.title}: {row.because}
          </p>
        ))}
      </details>
    </>
  );
}
