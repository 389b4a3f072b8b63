import { marksOf, type NextMark, type TurnPlan } from '@deep-mend/core';

const MARK_WORDS: Readonly<Record<NextMark['kind'], string>> = {
  square: 'square',
  machine: 'to the wrench',
  clear: 'clear out',
  last: 'feel for the bottom',
  end: 'end',
};

/** The whole way of a tap as one thin bar: what is done, where something is asked for, the last turns hatched. */
export function TurnBar({ plan, turns }: { plan: TurnPlan; turns: number }) {
  const share = (at: number) => `${Math.min(100, (100 * at) / plan.total)}%`;
  const marks = marksOf(plan).filter(({ kind }) => kind !== 'end');
  const next = marks.find(({ at }) => at > turns);
  const lastFrom = marks.find(({ kind }) => kind === 'last')?.at;
  return (
    <div className="turn-bar-block">
      <div
        className="turn-bar"
        role="progressbar"
        aria-label="Turns"
        aria-valuemin={0}
        aria-valuemax={plan.total}
        aria-valuenow={Math.min(turns, plan.total)}
      >
        {lastFrom !== undefined && <span className="turn-bar-last" style={{ left: share(lastFrom) }} />}
        <span className="turn-bar-done" style={{ width: share(turns) }} />
        {marks.map(({ kind, at }) => (
          <span key={`${kind} ${at}`} className="turn-bar-mark" data-done={at <= turns} style={{ left: share(at) }} />
        ))}
      </div>
      <p className="turn-bar-next">{next ? `${MARK_WORDS[next.kind]} at ${next.at}` : 'nothing more on the way'}</p>
    </div>
  );
}
