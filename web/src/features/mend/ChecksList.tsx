import {
  becauseOf,
  askedName,
  SAY,
  titleOf,
  workingOf,
  type Check,
  type UnitSystem,
  type Working,
} from '@deep-mend/core';
import { memo, useState } from 'react';
import { checkValue } from '../../parts/format.ts';
import { Verdict } from '../../parts/Verdict.tsx';
import { WorkingDialog } from '../../parts/WorkingDialog.tsx';

const SHOWN_PASSES = 5;

/** One check: its words in the reader's units. What has a working opens it; a plain statement opens nothing. */
function CheckRow({ check, units, onOpen }: { check: Check; units: UnitSystem; onOpen: (working: Working) => void }) {
  const title = titleOf(check);
  const words = (
    <>
      <Verdict verdict={check.verdict} word={false} size={16} />
      <b>{title}</b>
      <b className={`is-${check.verdict}`}>{checkValue(check, units)}</b>
      <span className="check-because">
        {becauseOf(check, SAY[units])}
        {check.settledBy
          ? ` · ${check.shut ? 'the machine waits for' : 'measure'}: ${askedName(check.settledBy).toLowerCase()}`
          : ''}
      </span>
    </>
  );
  const said = `${title}: ${check.verdict.replaceAll('-', ' ')}`;
  const working = workingOf(check);
  if (!working)
    return (
      <div className="check" role="group" aria-label={said}>
        {words}
      </div>
    );
  return (
    <button
      type="button"
      className="plain-button check"
      onClick={() => onOpen(working)}
      aria-label={`${said}. Show working`}
    >
      {words}
    </button>
  );
}

/** Checks as a readable list, worst first; each opens its working. */
export const ChecksList = memo(function ChecksList({ checks, units }: { checks: Check[]; units: UnitSystem }) {
  const [working, setWorking] = useState<Working | null>(null);
  const [all, setAll] = useState(false);
  // What stands in the way is always seen; a long row of passes is folded.
  const shown = all ? checks : checks.filter((check, index) => check.verdict !== 'holds' || index < SHOWN_PASSES);
  return (
    <>
      <ul className="checks">
        {shown.map((check) => (
          <li key={check.id}>
            <CheckRow check={check} units={units} onOpen={setWorking} />
          </li>
        ))}
      </ul>
      {shown.length < checks.length && (
        <button type="button" className="plain-button quiet-text" onClick={() => setAll(true)}>
          and {checks.length - shown.length} more that hold
        </button>
      )}
      {working && <WorkingDialog title={working.title} workings={[working]} onClose={() => setWorking(null)} />}
    </>
  );
});
