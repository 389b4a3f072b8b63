import { speak, type Check, type QuantityId, type UnitSystem } from '@deep-mend/core';
import { memo, useState } from 'react';
import { checkValue } from '../../kit/format.ts';
import { Verdict } from '../../kit/Verdict.tsx';
import { WorkingDialog } from '../../kit/WorkingDialog.tsx';
import { quantityOf } from './useDrafts.ts';

/** Checks as a readable list, worst first; each opens its working. */
export const ChecksList = memo(function ChecksList({ checks, units }: { checks: Check[]; units: UnitSystem }) {
  const [open, setOpen] = useState<Check | null>(null);
  return (
    <>
      <ul className="checks">
        {checks.map((check) => (
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
                {speak(check.because, units)}
                {check.settledBy ? ` · measure: ${quantityOf(check.settledBy as QuantityId).name.toLowerCase()}` : ''}
              </span>
            </button>
          </li>
        ))}
      </ul>
      {open && (
        <WorkingDialog title={open.title} workings={open.working ? [open.working] : []} onClose={() => setOpen(null)} />
      )}
    </>
  );
});
