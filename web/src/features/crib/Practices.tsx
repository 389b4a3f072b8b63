import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { PRACTICES, type PracticesKept } from '@deep-mend/core';
import { SETTING_LABELS } from './settingWords.ts';

/** What stands for no rule of the shop's own: the card chooses by the case. */
const BY_CASE = 'by-case';

/** Questions of practice on which good mechanics differ: by the case, or settled here. A card always names the other way too. */
export function Practices({
  practice,
  change,
}: {
  practice: PracticesKept;
  change: (practice: PracticesKept) => void;
}) {
  const settle = (id: (typeof PRACTICES)[number]['id'], option: string) => {
    const { [id]: _before, ...rest } = practice;
    // The option comes from this question’s own list; the compiler cannot follow it through the union.
    change((option === BY_CASE ? rest : { ...rest, [id]: option }) as PracticesKept);
  };
  return (
    <>
      <Typography variant="h2" sx={{ mt: 2 }}>
        {SETTING_LABELS['rules.practice']}
      </Typography>
      <Typography sx={{ color: 'text.secondary' }}>
        Left to the case, a card takes what suits the hole and names the other way. What must not be done is never done,
        whatever is settled.
      </Typography>
      {PRACTICES.map(({ id, question, options }) => {
        const settled = practice[id] ?? BY_CASE;
        const taken = options.find((option) => option.id === settled);
        return (
          <TextField
            key={id}
            select
            size="small"
            label={question}
            value={settled}
            onChange={(event) => settle(id, event.target.value)}
            helperText={taken ? `right for: ${taken.right}` : options.map(({ name }) => name).join(' · ')}
          >
            <MenuItem value={BY_CASE}>by the case</MenuItem>
            {options.map((option) => (
              <MenuItem key={option.id} value={option.id}>
                {option.name}
              </MenuItem>
            ))}
          </TextField>
        );
      })}
    </>
  );
}
