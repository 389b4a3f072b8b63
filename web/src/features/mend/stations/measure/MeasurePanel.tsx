import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import {
  askedName,
  type Assessment,
  type HoleCase,
  assumedWords,
  CHOICES,
  presumedServiceC,
  SAY,
  type ChoiceId,
  type Route,
  soundFacts,
  soundWorking,
  type Found,
  PRECISION,
  quantityRow,
  formatLength,
  type Weighed,
  type MissingInput,
  type Proposal,
  type Sensitivity,
  type UnitSystem,
} from '@deep-mend/core';
import { memo, useState, type ReactNode } from 'react';
import { Figure } from '../../../../parts/Figure.tsx';
import { WorkingDialog } from '../../../../parts/WorkingDialog.tsx';
import { choiceFieldId } from '../../known/fields.tsx';
import { ReadingPicture } from './ReadingPicture.tsx';

const ASKS: Record<MissingInput, { title: string; how: string; field: string }> = {
  thread: {
    title: 'Which thread is it?',
    how: 'Read it off the screw or the drawing: M8, M10x1, 3/8-16. Held against a screw that is known to fit, it is surest.',
    field: 'thread',
  },
  material: {
    title: 'What is it cut in?',
    how: 'A file tells iron from aluminium. For an unknown casting the low end of its strength is used.',
    field: '',
  },
  kind: { title: 'Does it go right through?', how: 'Push a wire in. If it stops, it is blind.', field: '' },
  depth: {
    title: 'How deep is it?',
    how: 'Blind: to the shoulder, where the drill’s cone begins. Through: the thickness of the metal.',
    field: 'reading-depth',
  },
  'damage-to': {
    title: 'How deep does the damage go?',
    how: 'Turn in a good screw without force: the depth where it takes hold. If it never does, tick “stripped throughout”.',
    field: 'reading-damage-to',
  },
};

/** Answers that ways wait for: those that come first say it first. */
function answersWanted(routes: readonly Route[]): ChoiceId[] {
  const waiting = routes.flatMap(({ checks }) =>
    checks.flatMap((check) => (check.shut && check.settledBy ? [check.settledBy] : [])),
  );
  return [...new Set(waiting)].flatMap((id) => {
    const row = CHOICES.find((choice) => choice.id === id);
    return row ? [row.id] : [];
  });
}

/** Puts the hand where it is typed or answered; a group that is shut is opened first. */
function askFor(fieldId: string): void {
  const field = () => document.getElementById(fieldId);
  if (!field()) document.querySelectorAll<HTMLDetailsElement>('.known-more').forEach((group) => (group.open = true));
  // The group's fields are made in the next frame.
  requestAnimationFrame(() => requestAnimationFrame(() => field()?.focus()));
}

/** What must be known before anything can be weighed: one question at a time. */
function NextQuestion({ missing }: { missing: readonly MissingInput[] }) {
  const [next, ...later] = missing;
  const ask = ASKS[next!];
  return (
    <Box component="section" aria-label="Next question">
      <Typography variant="h2" component="h2" sx={{ borderTop: 2, borderColor: 'text.primary', pt: 1 }}>
        {ask.title}
      </Typography>
      <Typography sx={{ my: 1 }}>{ask.how}</Typography>
      {ask.field !== '' && (
        <Button variant="contained" onClick={() => document.getElementById(ask.field)?.focus()}>
          Type it in
        </Button>
      )}
      {next === 'thread' && (
        <Button onClick={() => document.getElementById('which-thread')?.click()}>Nobody knows? Find out</Button>
      )}
      {later.length > 0 && (
        <Typography sx={{ mt: 2, color: 'text.secondary' }}>
          Then: {later.map((id) => ASKS[id].title.toLowerCase().replace('?', '')).join(' · ')}. Everything else may stay
          unknown.
        </Typography>
      )}
    </Box>
  );
}

/** What the readings come to, with what was assumed said beside it. */
function Readings({ assessment, hole, units }: { assessment: Assessment; hole: HoleCase; units: UnitSystem }) {
  const length = (mm: number) => formatLength(mm, units, PRECISION.depth[units]);
  const doubt = (mm: number) => (mm > 0 ? `± ${length(mm)}` : '');
  const assumed = (found: Found) => (found.assumed ? assumedWords(found.assumed) : undefined);
  const { sound, cleanUp, threadEnd, wall } = assessment;
  const wallNote = hole.edgeAtLeast
    ? 'at least, as seen by eye'
    : wall
      ? doubt(wall.halfWidthMm)
      : 'not measured: taken at 0.9 D from the axis';
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.5 }}>
      <Figure label="Sound thread left" main={length(sound.mm)} unit={units} note={doubt(sound.halfWidthMm)} />
      <Figure
        label="Cleans up at"
        main={length(cleanUp.mm)}
        unit={units}
        note={assumed(cleanUp) ?? doubt(cleanUp.halfWidthMm)}
      />
      <Figure label="Thread ends at" main={length(threadEnd.mm)} unit={units} note={assumed(threadEnd)} />
      <Figure
        label={`Wall to the ${hole.edgeName}`}
        main={wall ? length(wall.mm) : 'unknown'}
        unit={wall ? units : ''}
        note={wallNote}
      />
    </Box>
  );
}

/** What is taken for usual where nobody said otherwise. */
function TakenAs({ hole, units }: { hole: HoleCase; units: UnitSystem }) {
  if (hole.joint.serviceC !== null || hole.joint.nearHeat !== null) return null;
  return (
    <Typography sx={{ fontSize: 14.5, color: 'text.secondary' }}>
      Taken as: up to {SAY[units].temperature(presumedServiceC(hole.parent))} in service, away from engine, exhaust,
      brake and heater; the usual class of fit; a sharp tap.{' '}
      <Button size="small" onClick={() => askFor(choiceFieldId('serviceC'))}>
        Change
      </Button>
    </Typography>
  );
}

/** Something that wants the hand: a note in the shop's yellow. */
function Wanted({
  title,
  field,
  press,
  after,
  children,
}: {
  title: string;
  field: string;
  press: string;
  after?: ReactNode;
  children: ReactNode;
}) {
  return (
    <Box sx={{ bgcolor: (theme) => theme.tokens.note, borderRadius: 1, p: 1.5, my: 1.5 }}>
      <Typography sx={{ fontWeight: 700, color: 'warning.main' }}>{title}</Typography>
      {children}
      <Button size="small" onClick={() => askFor(field)}>
        {press}
      </Button>
      {after}
    </Box>
  );
}

/** The answers that ways wait for. */
function NextToAnswer({ routes }: { routes: readonly Route[] }) {
  const answers = answersWanted(routes);
  if (answers.length === 0) return null;
  return (
    <Wanted title="Next to answer" field={choiceFieldId(answers[0]!)} press="Answer it">
      <Typography>
        {answers.map(askedName).join(' · ')}: ways wait for it. Look, and say what is there; until then nothing is cut
        that way.
      </Typography>
    </Wanted>
  );
}

/** The reading that would decide most, and those after it. */
function NextToMeasure({ unsettled }: { unsettled: readonly Sensitivity[] }) {
  const [question, ...later] = unsettled;
  if (!question) return <Typography sx={{ my: 1.5 }}>No further reading would change a verdict.</Typography>;
  const { quantity, state, changesVerdicts, firstChanges } = question;
  const then = later.length > 0 && (
    <Typography sx={{ fontSize: 14, color: 'text.secondary' }}>
      Then:{' '}
      {later
        .slice(0, 3)
        .map((row) => quantityRow(row.quantity).name.toLowerCase())
        .join(' · ')}
      .
    </Typography>
  );
  return (
    <Wanted title="Next to measure" field={`reading-${quantity}`} press="Type it in" after={then}>
      <Typography sx={{ mb: 1 }}>
        {quantityRow(quantity).name}
        {state === 'unknown' ? '' : ', more closely'}: it decides {changesVerdicts}{' '}
        {changesVerdicts === 1 ? 'verdict' : 'verdicts'}
        {firstChanges ? `, and whether it is “${firstChanges.low}” or “${firstChanges.high}”` : ''}.
      </Typography>
      <ReadingPicture quantity={quantity} />
    </Wanted>
  );
}

/** The next question, why it matters, and what the readings say so far. */
export const MeasurePanel = memo(function MeasurePanel({
  built,
  unsettled,
  proposal,
  units,
  onDecide,
}: {
  built: Weighed;
  /** What each reading could still change; null while the worker computes. */
  unsettled: Sensitivity[] | null;
  proposal: Proposal | null;
  units: UnitSystem;
  onDecide: () => void;
}) {
  const [working, setWorking] = useState(false);
  if (!built.ok) return <NextQuestion missing={built.missing} />;
  const { assessment, routes } = proposal!;
  const standing = routes.filter((route) => route.verdict !== 'does-not-hold').length;
  return (
    <Box component="section" aria-label="What the readings say">
      <Typography variant="h3" component="h2" sx={{ pb: 1 }}>
        What the readings say
      </Typography>
      <Readings assessment={assessment} hole={built.hole} units={units} />
      <Button size="small" onClick={() => setWorking(true)}>
        Show working
      </Button>
      <TakenAs hole={built.hole} units={units} />
      <NextToAnswer routes={routes} />
      {unsettled && <NextToMeasure unsettled={unsettled} />}
      <Button variant="contained" fullWidth onClick={onDecide} sx={{ mt: 1 }}>
        {standing === 0 ? 'See why nothing holds yet' : `Weigh the ${standing} ways that are open`}
      </Button>
      {working && (
        <WorkingDialog
          title="What the readings say"
          workings={[soundWorking(soundFacts(assessment, built.hole))]}
          onClose={() => setWorking(false)}
        />
      )}
    </Box>
  );
});
