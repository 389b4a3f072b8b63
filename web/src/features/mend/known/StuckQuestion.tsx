import Button from '@mui/material/Button';
import { openMendOf, soundsStuck, type HoleFile } from '@deep-mend/core';
import type { Choose } from './fields.tsx';
import { optionsOf } from './options.ts';

/** Asks what the words about the hole suggest: whoever snapped a bolt should not have to look for where to say so. */
export function StuckQuestion({ file, readOnly, choose }: { file: HoleFile; readOnly: boolean; choose: Choose }) {
  const open = openMendOf(file);
  const guess = open && file.choices.stuck === undefined ? soundsStuck(open.what) : null;
  if (guess === null || readOnly) return null;
  const name = optionsOf('stuck').find((option) => option.value === guess)!.text;
  return (
    <div className="note-box" role="status">
      <p>It sounds as if something is stuck in it: {name}?</p>
      <Button size="small" variant="contained" onClick={() => choose('stuck', guess)}>
        Yes
      </Button>{' '}
      <Button size="small" onClick={() => choose('stuck', 'none')}>
        No
      </Button>
    </div>
  );
}
