import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { formatLength, type DrillComparison, type ThreadComparison, type UnitSystem, PRECISION } from '@deep-mend/core';
import { Figure } from '../../parts/Figure.tsx';
import { DrillCardView } from './DrillCardView.tsx';
import { ThreadCardView } from './ThreadCardView.tsx';
import { fine, percent } from './words.ts';

const side = { display: 'grid', gap: 3, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } } as const;
const signed = (mm: number, units: UnitSystem) => `${mm < 0 ? '−' : '+'}${fine(Math.abs(mm), units)}`;

function bindWords(turns: number | null): { main: string; unit: string } {
  if (turns === null) return { main: 'does not start', unit: '' };
  if (turns === Infinity) return { main: 'runs in', unit: '' };
  return { main: `${Math.max(1, Math.round(turns))}`, unit: Math.round(turns) > 1 ? 'turns' : 'turn' };
}

/** Two threads side by side, and what one does in the hole of the other. */
export function ThreadComparisonView({ card, units }: { card: ThreadComparison; units: UnitSystem }) {
  const [a, b] = card.pair.map((half) => half.thread.designation) as [string, string];
  return (
    <Box sx={{ display: 'grid', gap: 2 }}>
      <Typography variant="h3" component="p">
        {card.verdict}
      </Typography>
      <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: 'repeat(auto-fit, minmax(140px, 1fr))' }}>
        <Figure label={`Major, ${b} over ${a}`} main={signed(card.majorDifferenceMm, units)} unit={units} />
        <Figure label="Pitch" main={signed(card.pitchDifferenceMm, units)} unit={units} />
        <Figure
          label="Drift in ten turns"
          main={formatLength(card.driftOverTenTurnsMm, units, PRECISION.caliper[units])}
          unit={units}
        />
        <Figure label={`${a} screw in ${b} binds after`} {...bindWords(card.bindsAfterTurns[0])} />
        <Figure label={`${b} screw in ${a} binds after`} {...bindWords(card.bindsAfterTurns[1])} />
      </Box>
      <Box sx={side}>
        {card.pair.map((half) => (
          <ThreadCardView key={half.thread.id} card={half} units={units} brief />
        ))}
      </Box>
    </Box>
  );
}

/** Two drills side by side, by what each leaves of the threads that either suits. */
export function DrillComparisonView({ card, units }: { card: DrillComparison; units: UnitSystem }) {
  return (
    <Box sx={{ display: 'grid', gap: 2 }}>
      <Typography variant="h3" component="p">
        The second is {signed(card.differenceMm, units)} {units}.
      </Typography>
      <Box component="table" sx={{ borderCollapse: 'collapse', '& td, & th': { py: 0.5, pr: 3, textAlign: 'left' } }}>
        <thead>
          <tr>
            <th scope="col">Leaves, of</th>
            {card.pair.map((half) => (
              <th scope="col" key={half.diameterMm}>
                {half.exact?.id ?? fine(half.diameterMm, units)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {card.rows.map((row) => (
            <tr key={row.thread.id}>
              <th scope="row">{row.thread.designation}</th>
              {row.shares.map((share, index) => (
                <td key={index}>{share <= 0 ? 'nothing' : percent(share)}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </Box>
      <Box sx={side}>
        {card.pair.map((half, index) => (
          <DrillCardView key={index} card={half} units={units} />
        ))}
      </Box>
    </Box>
  );
}
