import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { formatLength, formatLengthWithUnit, type DrillCard, type UnitSystem } from '@deep-mend/core';
import { Figure } from '../../parts/Figure.tsx';
import { fine, percent } from './words.ts';

const JUDGED = { fits: '', 'light-duty': ' · light duty', tight: ' · tight' } as const;

/** A drill's card: its neighbours, what it can be tapped to, and what it must not be used for. */
export function DrillCardView({ card, units }: { card: DrillCard; units: UnitSystem }) {
  return (
    <Box sx={{ display: 'grid', gap: 1.5, alignContent: 'start', minWidth: 0 }}>
      <Typography variant="h2" component="h2">
        {card.exact ? `Drill ${card.exact.id}` : 'No drill of exactly this size'}:{' '}
        {formatLengthWithUnit(card.diameterMm, 'mm', 3)}, {formatLengthWithUnit(card.diameterMm, 'in', 4)}
      </Typography>
      {card.bare && (
        <Typography sx={{ fontSize: 14, color: 'text.secondary' }}>
          Read in {units === 'mm' ? 'millimetres' : 'inches'}, the units set here.
        </Typography>
      )}
      <Typography>
        {card.below ? `← ${card.below.id}` : ''} {card.below && card.above ? ' · ' : ''}{' '}
        {card.above ? `${card.above.id} →` : ''}{' '}
        {card.below || card.above ? 'in the rack' : 'The rack holds nothing near it.'}
      </Typography>
      <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: 'repeat(auto-fit, minmax(120px, 1fr))' }}>
        <Figure
          label="Expected bore"
          main={fine(card.expectedBoreMm, units)}
          unit={units}
          note="by the shop’s set-up"
        />
        <Figure label="Point, 118°" main={formatLength(card.pointMm, units)} unit={units} />
        {card.speed && (
          <Figure
            label="Spindle"
            main={String(Math.round(card.speed.speedRpm / 5) * 5)}
            unit="rev/min"
            note={card.speed.parent.name}
          />
        )}
      </Box>
      {card.bodyOf.length > 0 && (
        <Typography sx={{ color: 'error.main' }}>
          This is the body size of {card.bodyOf.map((thread) => thread.designation).join(', ')}: it would bore that
          thread away.
        </Typography>
      )}
      {card.taps.length > 0 && (
        <Box>
          <Typography sx={{ fontSize: 14, color: 'text.secondary' }}>As a tap drill it leaves</Typography>
          {card.taps.map(({ thread, share, judgement }) => (
            <Typography key={thread.id}>
              <b>{thread.designation}</b> · {percent(share)}
              {JUDGED[judgement as 'fits']}
            </Typography>
          ))}
        </Box>
      )}
    </Box>
  );
}
