import Button from '@mui/material/Button';
import { offersOrdinary, ORDINARY, ORDINARY_PARTS, ordinaryLeft, type HoleChoices } from '@deep-mend/core';
import { useState } from 'react';
import type { Choose } from './fields.tsx';

/** One line that settles an ordinary hole: each part is recorded as seen by eye, by whom and when. */
export function OrdinaryLine({
  choices,
  readOnly,
  choose,
  onNotAll,
}: {
  choices: Partial<HoleChoices>;
  readOnly: boolean;
  choose: Choose;
  /** Opens the fields in which each part is answered by itself. */
  onNotAll: () => void;
}) {
  const [put, setPut] = useState(false);
  if (readOnly || put || !offersOrdinary(choices)) return null;
  return (
    <div className="note-box" role="group" aria-label="An ordinary hole">
      <p>{`Look at it: ${ORDINARY_PARTS.map(({ words }) => words).join(' · ')}.`}</p>
      <div style={{ display: 'flex', gap: 8, marginTop: 6 }}>
        <Button
          variant="contained"
          sx={{ minHeight: 48 }}
          onClick={() => {
            setPut(true);
            for (const id of ordinaryLeft(choices)) choose(id, ORDINARY[id]);
          }}
        >
          All true
        </Button>
        <Button
          sx={{ minHeight: 48 }}
          onClick={() => {
            setPut(true);
            onNotAll();
          }}
        >
          Not all
        </Button>
      </div>
    </div>
  );
}
