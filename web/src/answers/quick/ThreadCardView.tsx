import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import {
  classesOf,
  formatLengthWithUnit,
  leanWords,
  SAY,
  tapDrillWords,
  THREAD_FORMS,
  type TapDrill,
  type ThreadCard,
  type UnitSystem,
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

/** A thread's card: the drill first, then its neighbours with the reason, then what the thread is. */
export function ThreadCardView({
  card,
  units,
  brief = false,
}: {
  card: ThreadCard;
  units: UnitSystem;
  brief?: boolean;
}) {
  const [working, setWorking] = useState(false);
  const { thread, internal, external, tapDrill, coil, clearance, geometry, pilots } = card;
  const best = tapDrill.best;
  const side = tapDrill.direction?.side ?? 'exact';
  const form = THREAD_FORMS[thread.form];
  return (
    <Box sx={{ display: 'grid', gap: 1.5, minWidth: 0 }}>
      <Typography variant="h2" component="h2">
        {thread.designation}
        {card.parent ? ` in ${card.parent.name.toLowerCase()}` : ''}
      </Typography>
      <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: 'repeat(auto-fit, minmax(130px, 1fr))' }}>
        {thread.taper === null && !best && (
          <Figure
            label="Bore"
            main={fine(internal.minorMinMm, units)}
            unit={units}
            note={`to ${fine(internal.minorMaxMm, units)}; no drill in the rack is fit`}
          />
        )}
        {best && (
          <Figure
            label="Tap drill"
            main={`${side === 'smaller' ? SIDE_WORDS.smaller : ''}${best.drill.id}${side === 'larger' ? SIDE_WORDS.larger : ''}`}
            note={`${percent(best.share)} of full thread${card.basicHeightShare! - best.share > 0.001 ? `; ${percent(card.basicHeightShare!)} of the basic height` : ''}`}
          />
        )}
        <Figure
          label="Pitch"
          main={thread.threadsPerInch === null ? String(thread.pitchMm) : String(thread.threadsPerInch)}
          unit={thread.threadsPerInch === null ? 'mm' : 'threads per inch'}
          note={[
            thread.threadsPerInch === null ? '' : `${thread.pitchMm.toFixed(4)} mm`,
            thread.starts > 1 ? `lead ${geometry.leadMm.toFixed(2)} mm` : '',
            `${form.title}, helix ${geometry.helixAngleDeg.toFixed(1)}°`,
          ]
            .filter((words) => words !== '')
            .join(', ')}
        />
        {coil && (
          <Figure
            label="Coil needs"
            main={formatLengthWithUnit(coil.minorMinMm, units, units === 'mm' ? 2 : 4).replace(/ \w+$/, '')}
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
      {thread.taper === null && (
        <Typography sx={{ fontSize: 15 }}>
          {thread.form === 'iso-60' ? `Aims at ${percent(tapDrill.targetShare)}: ` : ''}
          {card.targetBecause}.{side === 'exact' ? '' : ` The ${side} side: ${leanWords(tapDrill.direction!.because)}.`}
        </Typography>
      )}
      {card.notes.map((note) => (
        <Typography key={note} sx={{ fontSize: 15, borderLeft: 3, borderColor: 'warning.main', pl: 1.5 }}>
          {note}
        </Typography>
      ))}
      {!brief && thread.taper === null && (
        <>
          <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: 'repeat(auto-fit, minmax(220px, 1fr))' }}>
            <DrillLine title="← smaller" drills={tapDrill.smaller.slice(0, 2)} units={units} />
            <DrillLine title="larger →" drills={tapDrill.larger.slice(0, 2)} units={units} />
          </Box>
          <Typography sx={{ fontSize: 15 }}>
            {best &&
              (pilots.steps.length > 0 ? `Before it: ${pilots.steps.map((d) => d.id).join(', then ')}` : 'No pilot')}
            {best && ` (${pilots.because}).`} {card.taps.length > 0 ? `Taps: ${card.taps.join('; ')}.` : ''}
          </Typography>
          {clearance.length > 0 && (
            <Typography sx={{ fontSize: 15 }}>
              Screw through:{' '}
              {clearance
                .map(
                  (row) =>
                    `${row.fit} ${row.drill ? `${row.drill.id} (${fine(row.clearanceMm!, units)} ${units} round the screw)` : `${formatLengthWithUnit(row.wantedMm, units)}, none in the rack`}`,
                )
                .join(' · ')}
            </Typography>
          )}
        </>
      )}
      <Typography sx={{ fontSize: 14, color: 'text.secondary' }}>
        Hole {internal.tolerance}: minor {fine(internal.minorMinMm, units)} to {fine(internal.minorMaxMm, units)}, pitch
        diameter {fine(internal.pitchMinMm, units)} to {fine(internal.pitchMaxMm, units)} {units}. Screw{' '}
        {external.tolerance}: major {fine(external.majorMinMm, units)} to {fine(external.majorMaxMm, units)} {units}.
        Tensile area{' '}
        {units === 'mm'
          ? `${geometry.tensileAreaMm2.toPrecision(3)} mm²`
          : `${(geometry.tensileAreaMm2 / 25.4 ** 2).toPrecision(3)} in²`}
        . Classes: {classesOf(thread).internal.join(', ')}. Source: {internal.source}.
      </Typography>
      {!brief && thread.taper === null && (
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
