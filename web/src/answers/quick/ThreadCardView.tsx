import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import {
  classesOf,
  formatLengthWithUnit,
  leanWords,
  formatArea,
  SAY,
  tapDrillWords,
  THREAD_FORMS,
  type TapDrill,
  type ThreadCard,
  type UnitSystem,
  PRECISION,
} from '@deep-mend/core';
import { useState } from 'react';
import { Figure } from '../../parts/Figure.tsx';
import { WorkingDialog } from '../../parts/WorkingDialog.tsx';
import { MinorBand } from './MinorBand.tsx';
import { fine, percent } from './words.ts';

function DrillLine({ title, drills, units }: { title: string; drills: TapDrill[]; units: UnitSystem }) {
  return (
    <Box sx={{ minWidth: 0 }}>
      <Typography sx={{ fontSize: 14, color: 'text.secondary' }}>{title}</Typography>
      {drills.map((d) => (
        <Typography key={d.drill.id} sx={{ fontSize: 15 }}>
          <b>{d.drill.id}</b> · {percent(d.share)} · {tapDrillWords(d, SAY[units])}
        </Typography>
      ))}
      {drills.length === 0 && <Typography sx={{ fontSize: 15 }}>none near it in the rack</Typography>}
    </Box>
  );
}

const SIDE_WORDS = { exact: '', larger: ' →', smaller: '← ' } as const;

interface CardProps {
  card: ThreadCard;
  units: UnitSystem;
}

/** The drill for the tap; without a fit one, the bore. Tapers are drilled otherwise. */
function TapDrillFigure({ card, units }: CardProps) {
  const { thread, internal, tapDrill } = card;
  const { best } = tapDrill;
  if (!best)
    return thread.taper === null ? (
      <Figure
        label="Bore"
        main={fine(internal.minorMinMm, units)}
        unit={units}
        note={`to ${fine(internal.minorMaxMm, units)}; no drill in the rack is fit`}
      />
    ) : null;
  const side = tapDrill.direction?.side ?? 'exact';
  const basic =
    card.basicHeightShare! - best.share > 0.001 ? `; ${percent(card.basicHeightShare!)} of the basic height` : '';
  return (
    <Figure
      label="Tap drill"
      main={`${side === 'smaller' ? SIDE_WORDS.smaller : ''}${best.drill.id}${side === 'larger' ? SIDE_WORDS.larger : ''}`}
      note={`${percent(best.share)} of full thread${basic}`}
    />
  );
}

function PitchFigure({ card: { thread, geometry } }: { card: ThreadCard }) {
  const metric = thread.threadsPerInch === null;
  const notes = [
    metric ? '' : `${thread.pitchMm.toFixed(4)} mm`,
    thread.starts > 1 ? `lead ${geometry.leadMm.toFixed(2)} mm` : '',
    `${THREAD_FORMS[thread.form].title}, helix ${geometry.helixAngleDeg.toFixed(1)}°`,
  ];
  return (
    <Figure
      label="Pitch"
      main={String(metric ? thread.pitchMm : thread.threadsPerInch)}
      unit={metric ? 'mm' : 'threads per inch'}
      note={notes.filter((words) => words !== '').join(', ')}
    />
  );
}

/** The four figures that are asked for most. */
function CardFigures({ card, units }: CardProps) {
  const { coil, clearance } = card;
  return (
    <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: 'repeat(auto-fit, minmax(130px, 1fr))' }}>
      <TapDrillFigure card={card} units={units} />
      <PitchFigure card={card} />
      {coil && (
        <Figure
          label="Coil needs"
          main={formatLengthWithUnit(coil.minorMinMm, units, PRECISION.bore[units]).replace(/ \w+$/, '')}
          unit={`${units} bore`}
          note={`insert tap cuts to ${fine(coil.majorMm, units)}`}
        />
      )}
      {clearance[1] && (
        <Figure
          label="Clearance, normal"
          main={clearance[1].drill?.id ?? formatLengthWithUnit(clearance[1].wantedMm, units)}
          note="lets the screw through; not a tap drill"
        />
      )}
    </Box>
  );
}

/** The drills beside the best one, what is drilled before it, the taps, and the holes that let the screw through. */
function Neighbours({ card, units }: CardProps) {
  const { tapDrill, pilots, taps, clearance } = card;
  const before = pilots.steps.length > 0 ? `Before it: ${pilots.steps.map((d) => d.id).join(', then ')}` : 'No pilot';
  const through = clearance.map(
    (row) =>
      `${row.fit} ${row.drill ? `${row.drill.id} (${fine(row.clearanceMm!, units)} ${units} round the screw)` : `${formatLengthWithUnit(row.wantedMm, units)}, none in the rack`}`,
  );
  return (
    <>
      <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: 'repeat(auto-fit, minmax(220px, 1fr))' }}>
        <DrillLine title="← smaller" drills={tapDrill.smaller.slice(0, 2)} units={units} />
        <DrillLine title="larger →" drills={tapDrill.larger.slice(0, 2)} units={units} />
      </Box>
      <Typography sx={{ fontSize: 15 }}>
        {tapDrill.best && `${before} (${pilots.because}).`} {taps.length > 0 ? `Taps: ${taps.join('; ')}.` : ''}
      </Typography>
      {through.length > 0 && <Typography sx={{ fontSize: 15 }}>Screw through: {through.join(' · ')}</Typography>}
    </>
  );
}

/** The limits of the thread, its area and its source. */
function Limits({ card: { thread, internal, external, geometry }, units }: CardProps) {
  return (
    <Typography sx={{ fontSize: 14, color: 'text.secondary' }}>
      Hole {internal.tolerance}: minor {fine(internal.minorMinMm, units)} to {fine(internal.minorMaxMm, units)}, pitch
      diameter {fine(internal.pitchMinMm, units)} to {fine(internal.pitchMaxMm, units)} {units}. Screw{' '}
      {external.tolerance}: major {fine(external.majorMinMm, units)} to {fine(external.majorMaxMm, units)} {units}.
      Tensile area {formatArea(geometry.tensileAreaMm2, units)}. Classes: {classesOf(thread).internal.join(', ')}.
      Source: {internal.source}.
    </Typography>
  );
}

/** A thread's card: the drill first, then its neighbours with the reason, then what the thread is. */
export function ThreadCardView({ card, units, brief = false }: CardProps & { brief?: boolean }) {
  const [working, setWorking] = useState(false);
  const { thread, internal, tapDrill } = card;
  const { best, direction } = tapDrill;
  const parallel = thread.taper === null;
  const side = direction?.side ?? 'exact';
  return (
    <Box sx={{ display: 'grid', gap: 1.5, minWidth: 0 }}>
      <Typography variant="h2" component="h2">
        {thread.designation}
        {card.parent ? ` in ${card.parent.name.toLowerCase()}` : ''}
      </Typography>
      <CardFigures card={card} units={units} />
      {best && (
        <MinorBand
          minorMinMm={internal.minorMinMm}
          minorMaxMm={internal.minorMaxMm}
          drill={best.drill}
          expectedMm={best.expectedBoreMm}
          tolerance={internal.tolerance}
          units={units}
        />
      )}
      {parallel && (
        <Typography sx={{ fontSize: 15 }}>
          {thread.form === 'iso-60' ? `Aims at ${percent(tapDrill.targetShare)}: ` : ''}
          {card.targetBecause}.{side === 'exact' ? '' : ` The ${side} side: ${leanWords(direction!.because)}.`}
        </Typography>
      )}
      {card.notes.map((note) => (
        <Typography key={note} sx={{ fontSize: 15, borderLeft: 3, borderColor: 'warning.main', pl: 1.5 }}>
          {note}
        </Typography>
      ))}
      {!brief && parallel && <Neighbours card={card} units={units} />}
      <Limits card={card} units={units} />
      {!brief && parallel && (
        <Button size="small" onClick={() => setWorking(true)} sx={{ justifySelf: 'start' }}>
          Show working
        </Button>
      )}
      {working && (
        <WorkingDialog title={thread.designation} workings={card.workings} onClose={() => setWorking(false)} />
      )}
    </Box>
  );
}
