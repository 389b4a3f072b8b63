import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { RELEASERS, type MendEntry, type Releaser } from '@deep-mend/core';
import { useKeptForm } from '../../../../base/useKeptForm.ts';

export type ReleaseAsNamed = NonNullable<MendEntry['release']>;

const EMPTY: ReleaseAsNamed = { role: 'maker', by: '', reference: '', date: '', allows: '' };
const FIELDS = [
  { id: 'by', label: 'Name', type: 'text' },
  { id: 'reference', label: 'Reference', type: 'text' },
  { id: 'date', label: 'Date', type: 'date' },
  { id: 'allows', label: 'What it allows', type: 'text' },
] as const;

/** The release that a hole waits for where someone can be hurt. It is shown as named: nobody has proved who it was. */
export function Release({
  release,
  onRelease,
  keepAs,
}: {
  release: MendEntry['release'];
  /** Null: the mend is closed. */
  onRelease: ((release: ReleaseAsNamed) => Promise<boolean>) | null;
  /** What is typed is kept on the device under this name. */
  keepAs: string;
}) {
  const { typed, change, forget } = useKeptForm(keepAs, EMPTY);
  const ready = FIELDS.every(({ id }) => typed[id].trim() !== '');
  if (release)
    return (
      <Typography sx={{ mb: 2 }}>
        Released by {RELEASERS.find(({ id }) => id === release.role)!.name}, as named: {release.by}, {release.reference}
        , {release.date}. It allows: {release.allows}.
      </Typography>
    );
  return (
    <Box
      component="section"
      aria-label="Not released"
      sx={{ border: 2, borderColor: 'error.main', borderRadius: 1, p: 1.5, mb: 2 }}
    >
      <Typography variant="h3" component="h3" sx={{ color: 'error.main' }}>
        Not released
      </Typography>
      <Typography sx={{ my: 0.5 }}>
        Someone can be hurt if this thread lets go, or a code rules. Nothing is cut or fitted before whoever answers for
        it has released it.
      </Typography>
      {onRelease && (
        <Box
          component="form"
          sx={{ display: 'grid', gap: 1.25, mt: 1 }}
          onSubmit={(event) => {
            event.preventDefault();
            if (ready) void onRelease(typed).then((recorded) => recorded && forget());
          }}
        >
          <TextField
            select
            size="small"
            label="Released by"
            value={typed.role}
            onChange={(event) => change({ role: event.target.value as Releaser })}
          >
            {RELEASERS.map(({ id, name }) => (
              <MenuItem key={id} value={id}>
                {name}
              </MenuItem>
            ))}
          </TextField>
          {FIELDS.map(({ id, label, type }) => (
            <TextField
              key={id}
              size="small"
              label={label}
              type={type}
              value={typed[id]}
              slotProps={type === 'date' ? { inputLabel: { shrink: true } } : {}}
              onChange={(event) => change({ [id]: event.target.value })}
            />
          ))}
          <Button type="submit" variant="outlined" disabled={!ready} sx={{ minHeight: 48 }}>
            Record the release
          </Button>
        </Box>
      )}
    </Box>
  );
}
