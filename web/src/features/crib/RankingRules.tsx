import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import Slider from '@mui/material/Slider';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { ShopSettings } from '@deep-mend/contract';
import { RANKING_RULES, RANKING_WEIGHTS, type RankingRule, type RankingWeights } from '@deep-mend/core';
import { useState } from 'react';

const WEIGHT_WORDS: Readonly<Record<keyof RankingWeights, string>> = {
  metal: 'metal taken',
  fastener: 'change of fastener',
  upsize: 'not going up a size',
  strength: 'strength missing',
  time: 'working time',
  cost: 'cost',
};

/** How ways that hold are put in order, with the weights open, and the rates behind time and cost. */
export function RankingRules({
  rules,
  change,
}: {
  rules: ShopSettings['rules'];
  change: (changes: Partial<ShopSettings['rules']>) => void;
}) {
  const { ranking, rates } = rules;
  const [weights, setWeights] = useState<RankingWeights | null>(null);
  const [rateText, setRateText] = useState<{ perHour?: string; sentOut?: string }>({});
  const shown = weights ?? ranking.weights;
  const rule = RANKING_RULES.find((row) => row.id === ranking.rule)!;
  const preset = RANKING_WEIGHTS[ranking.rule];
  const edited = (Object.keys(preset) as (keyof RankingWeights)[]).some((key) => preset[key] !== ranking.weights[key]);
  const rate = (field: 'perHour' | 'sentOut', label: string) => {
    const text = rateText[field];
    const value = Number((text ?? '').replace(',', '.'));
    const bad = text !== undefined && (text.trim() === '' || !(value >= 0 && value <= 100_000));
    return (
      <TextField
        label={label}
        value={text ?? String(rates[field])}
        error={bad}
        helperText={bad ? `“${text}” was read; expected an amount, for example 60.` : 'in the shop’s own money'}
        onChange={(event) => setRateText({ ...rateText, [field]: event.target.value })}
        onBlur={() => {
          if (text === undefined || bad) return;
          change({ rates: { ...rates, [field]: value } });
          setRateText({});
        }}
      />
    );
  };
  return (
    <>
      <TextField
        select
        label="Order of the ways that hold"
        value={ranking.rule}
        onChange={(event) => {
          const next = event.target.value as RankingRule;
          setWeights(null);
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
              value={shown[key]}
              onChange={(_, value) => setWeights({ ...shown, [key]: value as number })}
              onChangeCommitted={(_, value) =>
                change({ ranking: { rule: ranking.rule, weights: { ...ranking.weights, [key]: value as number } } })
              }
            />
            <Typography sx={{ fontSize: 15 }}>{shown[key].toFixed(2)}</Typography>
          </Box>
        ))}
      </Box>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1 }}>
        {rate('perHour', 'An hour in the shop')}
        {rate('sentOut', 'A job sent out')}
      </Box>
    </>
  );
}
