import Alert from '@mui/material/Alert';
import { choiceOf, openMendOf, wantsTwoSignatures, type HoleFile } from '@deep-mend/core';

/** Said from the moment it is chosen, on every station: the first warning must not come after the cut. */
export function DutyBanner({ file }: { file: HoleFile }) {
  if (choiceOf(file.choices, 'doNotUse'))
    return (
      <Alert severity="error" sx={{ mb: 2 }}>
        Do not use this hole. Nothing is screwed in, lifted or cut here until whoever set this takes it back.
      </Alert>
    );
  const mend = openMendOf(file);
  if (!mend || !wantsTwoSignatures(file)) return null;
  const code = choiceOf(file.choices, 'codeName');
  return mend.release === null ? (
    <Alert severity="error" sx={{ mb: 2 }}>
      {choiceOf(file.choices, 'duty') === 'under-code'
        ? `Under a code${code === '' ? '' : `: ${code}`}.`
        : 'Someone can be hurt if this one thread lets go.'}{' '}
      Nothing is cut or fitted before the maker, a competent engineer or the code’s body has released it. Undoing stays
      open, drilling out is cutting; a sound part goes first.
    </Alert>
  ) : (
    <Alert severity="warning" sx={{ mb: 2 }}>
      Released as named by {mend.release.by}, {mend.release.reference}, {mend.release.date}. Two sign when it is done.
    </Alert>
  );
}
