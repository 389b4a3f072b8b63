import { speak, type Check, type QuantityId, type UnitSystem } from '@deep-mend/core';
import { memo, useState } from 'react';
import { checkValue } from '../../kit/format.ts';
import { Verdict } from '../../kit/Verdict.tsx';
import { WorkingDialog } from '../../kit/WorkingDialog.tsx';
import { quantityOf } from './drafts.ts';

const SHOWN_PASSES = 5;

/** Checks as a readable list, worst first; each opens its working. */
export const ChecksList = memo(function ChecksList({ checks, units }: { checks: Check[]; units: UnitSystem }) {
  const [open, setOpen] = useState<Check | null>(null);
  const [all, setAll] = useState(false);
  // What stands in the way is always seen; a long row of passes is folded.
  const shown = all ? checks : checks.filter((check, index) => check.verdict !== 'holds' || index < SHOWN_PASSES);
  return (
    <>
      <ul className="checks">
        {shown.map((check) => (
          <li key={check.id}>
            <button
              type="button"
              className="plain-button check"
              onClick={() => setOpen(check)}
              aria-label={`${check.title}: ${check.verdict.replaceAll('-', ' ')}. Show working`}
            >
              <Verdict verdict={check.verdict} word={false} size={16} />
              <b>{check.title}</b>
              <b className={`is-${check.verdict}`}>{checkValue(check, units)}</b>
              <span className="check-because">
                {speak(check.because(), units)}
                {check.settledBy ? ` · measure: ${quantityOf(check.settledBy as QuantityId).name.toLowerCase()}` : ''}
              </span>
            </button>
          </li>
        ))}
      </ul>
      {shown.length < checks.length && (
        <button type="button" className="plain-button quiet-text" onClick={() => setAll(true)}>
          and {checks.length - shown.length} more that hold
        </button>
      )}
      {open && (
        <WorkingDialog
          title={open.title}
          workings={open.working ? [open.working()] : []}
          onClose={() => setOpen(null)}
        />
      )}
    </>
  );
});
