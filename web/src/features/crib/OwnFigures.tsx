import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { ShopSettings } from '@deep-mend/contract';
import {
  ENOUGH_RECORDS,
  formatLengthWithUnit,
  ownUsed,
  PRECISION,
  type OwnFigure,
  type UnitSystem,
} from '@deep-mend/core';
import { useRead } from '../../base/client.ts';

const KINDS: readonly { kind: OwnFigure['kind']; title: string }[] = [
  { kind: 'oversize', title: 'Drills cut over their size, by machine' },
  { kind: 'minutes', title: 'Ways of mending, from the first step opened to the last done, pauses in' },
  { kind: 'came-back', title: 'Mends that came back so far, by way and metal' },
  { kind: 'doubt', title: 'Instruments: the same thing read by two people' },
];

function valueWords(kind: OwnFigure['kind'], value: number, units: UnitSystem): string {
  if (kind === 'minutes') return `${Math.round(value)} min`;
  if (kind === 'came-back') return `${Math.round(value * 100)} %`;
  return formatLengthWithUnit(value, units, PRECISION.bore[units]);
}

/** What a yes to a figure does. */
const USE_WORDS: Readonly<Record<OwnFigure['kind'], string>> = {
  oversize: 'Drill by it, all drills',
  minutes: 'Plan by it',
  'came-back': 'Judge by it',
  doubt: 'Offer it as the doubt',
};

/** One figure with its count and spread, beside what is printed. */
function Figure({
  figure,
  units,
  used,
  onUse,
}: {
  figure: OwnFigure;
  units: UnitSystem;
  used: boolean;
  onUse: (use: boolean) => void;
}) {
  const { kind, name, count, mean, spread, printed } = figure;
  const words = (value: number) => valueWords(kind, value, units);
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateColumns: 'minmax(0, 1fr) auto',
        columnGap: 1.5,
        alignItems: 'baseline',
        py: 0.75,
        borderTop: 1,
        borderColor: 'divider',
      }}
    >
      <span>{name}</span>
      <Box component="b" sx={{ justifySelf: 'end' }}>
        {kind === 'doubt' ? '± ' : ''}
        {words(mean)}
        {spread !== null && kind !== 'came-back' ? ` ± ${words(spread)}` : ''}
      </Box>
      <Typography component="span" sx={{ color: 'text.secondary', fontSize: 14.5 }}>
        {count} {count === 1 ? 'record' : 'records'}
        {printed === null ? '' : `; printed ${words(printed)}`}
        {count < ENOUGH_RECORDS ? `; not used before ${ENOUGH_RECORDS}` : ''}
        {used ? '; in use' : ''}
      </Typography>
      {count >= ENOUGH_RECORDS && (
        <Button size="small" variant={used ? 'text' : 'outlined'} onClick={() => onUse(!used)} sx={{ minHeight: 48 }}>
          {used ? 'Do not use it' : USE_WORDS[kind]}
        </Button>
      )}
    </Box>
  );
}

/** A thousandth of a millimetre is all that a gauge reads: two figures that differ by less are one. */
const SAME_MM = 0.001;
const settable = (mm: number): number => Math.max(0, Math.round(mm / SAME_MM) * SAME_MM);

/** To what a figure is used: a minute; a thousandth; a share as it is. */
const ROUNDED = {
  minutes: (value: number) => Math.max(1, Math.round(value)),
  doubt: settable,
  'came-back': (value: number) => value,
} as const;

/** What the shop's own records say, beside the printed estimates. Nothing of it is used before somebody says yes. */
export function OwnFigures({
  settings: { drilling, rules },
  units,
  change,
}: {
  settings: ShopSettings;
  units: UnitSystem;
  change: (changes: Partial<ShopSettings>) => void;
}) {
  const { data } = useRead('/figures', { revalidateOnFocus: false });
  const { measuredOversizeMm } = drilling;
  const isUsed = (figure: OwnFigure): boolean =>
    figure.kind === 'oversize'
      ? measuredOversizeMm !== null && Math.abs(measuredOversizeMm - settable(figure.mean)) < SAME_MM
      : ownUsed(rules, figure.kind, figure.id) !== null;
  const use = ({ kind, id, mean, count }: OwnFigure, wanted: boolean) => {
    if (kind === 'oversize')
      return change({ drilling: { ...drilling, measuredOversizeMm: wanted ? settable(mean) : null } });
    const others = rules.own.filter((row) => row.kind !== kind || row.id !== id);
    return change({
      rules: { ...rules, own: wanted ? [...others, { kind, id, value: ROUNDED[kind](mean), count }] : others },
    });
  };
  if (!data) return null;
  return (
    <Box component="section" aria-label="The shop’s own figures">
      <Typography variant="h2">The shop’s own figures</Typography>
      {data.length === 0 && (
        <Typography>
          None yet: gauge bores after drilling, and tell the bench each step. They gather here by themselves.
        </Typography>
      )}
      {KINDS.map(({ kind, title }) => {
        const rows = data.filter((figure) => figure.kind === kind);
        if (rows.length === 0) return null;
        return (
          <Box key={kind} sx={{ mt: 1.5 }}>
            <Typography sx={{ fontWeight: 700 }}>{title}</Typography>
            <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
              {rows.map((figure) => (
                <Figure
                  key={figure.id}
                  figure={figure}
                  units={units}
                  used={isUsed(figure)}
                  onUse={(wanted) => use(figure, wanted)}
                />
              ))}
            </Box>
          </Box>
        );
      })}
    </Box>
  );
}
