import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import Slider from '@mui/material/Slider';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { ShopSettings } from '@deep-mend/contract';
import { RANKING_RULES, RANKING_WEIGHTS, type RankingRule, type RankingWeights } from '@deep-mend/core';
import { useState } from 'react';
import { useShop } from '../../base/ShopContext.tsx';
import { useTyped, type Read } from '../../base/useTyped.ts';
import { SETTING_LABELS, WEIGHT_WORDS } from './settingWords.ts';

type Rules = ShopSettings['rules'];
type Change = (changes: Partial<Rules>) => void;

function readRate(text: string): Read<number> {
  const value = Number(text.replace(',', '.'));
  return text.trim() !== '' && value >= 0 && value <= 100_000
    ? { value }
    : { problem: `“${text}” was read; expected an amount, for example 60.` };
}

/** What an hour, or a job sent out, costs this shop. */
function RateField({
  field,
  label,
  rates,
  change,
}: {
  field: keyof Rules['rates'];
  label: string;
  rates: Rules['rates'];
  change: Change;
}) {
  const { units } = useShop();
  const { text, problem, on } = useTyped({
    shown: String(rates[field]),
    units,
    parse: readRate,
    commit: (value) => change({ rates: { ...rates, [field]: value } }),
    keepAs: `rate:${field}`,
  });
  return (
    <TextField
      label={label}
      value={text}
      error={problem !== null}
      helperText={problem ?? 'in the shop’s own money'}
      {...on}
    />
  );
}

/** The weights that stand behind a rule, each open to change. */
function Weights({ ranking, change }: { ranking: Rules['ranking']; change: Change }) {
  // While a slider is held, what it is over; let go, it is the shop's.
  const [held, setHeld] = useState<{ key: keyof RankingWeights; value: number } | null>(null);
  const shown = (key: keyof RankingWeights) => (held?.key === key ? held.value : ranking.weights[key]);
  return (
    <Box component="details">
      <Box component="summary" sx={{ cursor: 'pointer', minHeight: 44, color: 'primary.main' }}>
        The weights behind it
      </Box>
      <Typography sx={{ fontSize: 14, color: 'text.secondary', mb: 1 }}>
        Each counts from 0 to 1 against a way. Verdicts always come first; a weight only orders ways that hold alike.
      </Typography>
      {(Object.keys(WEIGHT_WORDS) as (keyof RankingWeights)[]).map((key) => (
        <Box key={key} sx={{ display: 'grid', gridTemplateColumns: '160px 1fr 44px', gap: 2, alignItems: 'center' }}>
          <Typography sx={{ fontSize: 15 }}>{WEIGHT_WORDS[key]}</Typography>
          <Slider
            aria-label={`Weight of ${WEIGHT_WORDS[key]}`}
            min={0}
            max={1}
            step={0.05}
            value={shown(key)}
            onChange={(_, value) => setHeld({ key, value: value as number })}
            onChangeCommitted={(_, value) => {
              change({ ranking: { rule: ranking.rule, weights: { ...ranking.weights, [key]: value as number } } });
              setHeld(null);
            }}
          />
          <Typography sx={{ fontSize: 15 }}>{shown(key).toFixed(2)}</Typography>
        </Box>
      ))}
    </Box>
  );
}

/** How ways that hold are put in order, with the weights open, and the rates behind time and cost. */
export function RankingRules({ rules, change }: { rules: Rules; change: Change }) {
  const { ranking, rates } = rules;
  const rule = RANKING_RULES.find((row) => row.id === ranking.rule)!;
  const preset = RANKING_WEIGHTS[ranking.rule];
  const edited = (Object.keys(preset) as (keyof RankingWeights)[]).some((key) => preset[key] !== ranking.weights[key]);
  return (
    <>
      <TextField
        select
        label={SETTING_LABELS['rules.ranking']}
        value={ranking.rule}
        onChange={(event) => {
          const next = event.target.value as RankingRule;
          change({ ranking: { rule: next, weights: { ...RANKING_WEIGHTS[next] } } });
        }}
        helperText={edited ? `${rule.why} The weights were changed here.` : rule.why}
      >
        {RANKING_RULES.map((row) => (
          <MenuItem key={row.id} value={row.id}>
            {row.name}
          </MenuItem>
        ))}
      </TextField>
      <Weights ranking={ranking} change={change} />
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1 }}>
        <RateField field="perHour" label="An hour in the shop" rates={rates} change={change} />
        <RateField field="sentOut" label="A job sent out" rates={rates} change={change} />
      </Box>
    </>
  );
}
