import {
  afterCutWords,
  lastMendCase,
  KNOWN_WORDS,
  passportOf,
  SAY,
  plannedProfile,
  sleeveProfile,
  WAYS,
  type HoleCase,
  type HoleFile,
  type LifePoint,
  type Passport,
  type Route,
  type UnitSystem,
} from '@deep-mend/core';
import type { HoleDetail } from '@deep-mend/contract';
import { benchSheet, holeGlyph, type GlyphFacts } from '@deep-mend/drawing';
import { useTheme } from '@mui/material/styles';
import { useId, useMemo } from 'react';
import { Paint } from '../../paint/Paint.tsx';
import { ON_PLATE } from '../../paint/PaintShape.tsx';
import { Linings, PaintSheetLayers } from '../../paint/PaintSheet.tsx';
import { readableDate } from '../../parts/format.ts';
import { NextLook, type LookAgain } from './NextLook.tsx';
import { Sisters } from './Sisters.tsx';
import './passport.css';

const WIDTH = 400;
const HEIGHT = 400;

/** Whether all that the mend left is drawn: a coil, a bush, a plug, or a thread cut in the metal itself. */
function isDrawnWhole({ hole, route }: { hole: HoleCase; route: Route }): boolean {
  if (route.depths.insertFromMm !== null || sleeveProfile(route) !== null) return true;
  const { leaves } = WAYS[route.method];
  return plannedProfile(hole, route) !== null && (leaves === null || leaves.isParent);
}

function AsItIsNow({ detail, file, units }: { detail: HoleDetail; file: HoleFile; units: UnitSystem }) {
  const lining = useId();
  const drawn = useMemo(() => lastMendCase(file, detail.events), [detail, file]);
  if (!drawn) return null;
  const sheet = benchSheet({ ...drawn, stage: 'fitted', tool: null, units, width: WIDTH, height: HEIGHT });
  const linings = { parent: lining };
  const said = afterCutWords(drawn.hole, drawn.route, drawn.measured, SAY[units]);
  return (
    <figure className="glance-now">
      <figcaption>{isDrawnWhole(drawn) ? 'As it is now' : 'As its last mend cut it'}</figcaption>
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        role="img"
        aria-label="The hole in section as its last mend left it, to scale"
      >
        <Linings ids={linings} />
        <PaintSheetLayers layers={sheet.layers} linings={linings} />
      </svg>
      <p className="glance-left">{said.join(' ')}</p>
    </figure>
  );
}

/** What is in it, and what must not be done to it: read in ten seconds, or not at all. */
function InIt({ passport: { title, keepOff, torque, known, release } }: { passport: Passport }) {
  return (
    <section aria-label="What is in it">
      <h2>What is in it</h2>
      <p className="glance-title">{title}</p>
      <p className="glance-known" data-known={known}>
        {KNOWN_WORDS[known]}
      </p>
      {keepOff.map((words) => (
        <p key={words} className="glance-off">
          {words}
        </p>
      ))}
      {release !== '' && <p>{release}</p>}
      {torque !== '' && <p>{torque}</p>}
    </section>
  );
}

const MARKS: Readonly<Record<Passport['proofs'][number]['state'], string>> = {
  passed: '○',
  'with-care': '△',
  failed: '✕',
  'not-done': '△',
  open: '',
};

function HowWeKnow({ passport: { proofs, signed } }: { passport: Passport }) {
  return (
    <section aria-label="How we know">
      <h2>How we know</h2>
      {proofs.length === 0 && <p>Nothing was proved here.</p>}
      <dl className="glance-proofs">
        {proofs.map(({ title, found, state, cannotShow }) => (
          <div key={title} data-state={state} title={cannotShow === '' ? undefined : `Its limit: ${cannotShow}`}>
            <dt>{title}</dt>
            <dd>
              <span aria-hidden>{MARKS[state]} </span>
              {found}
            </dd>
          </div>
        ))}
      </dl>
      {signed && (
        <p className="glance-signed">
          Signed by {signed.by}
          {signed.second ? ' and a second person' : ''}, {readableDate(signed.at)}.
        </p>
      )}
    </section>
  );
}

const STATES: Readonly<Record<LifePoint['kind'], { state: GlyphFacts['state']; label: string }>> = {
  'as-made': { state: 'sound', label: 'as made' },
  'came-back': { state: 'stripped', label: 'taken in hand' },
  'under-way': { state: 'stripped', label: 'in hand' },
  mended: { state: 'proved', label: 'proved' },
  unproved: { state: 'suspect', label: 'not proved' },
  'sent-out': { state: 'suspect', label: 'sent out' },
  'given-up': { state: 'suspect', label: 'given up' },
};
const GLYPH_PX = 44;

/** Its life along one line: as made, each time it came back, each mend. */
function Life({ life }: { life: readonly LifePoint[] }) {
  const { tokens } = useTheme();
  const colours = { ...ON_PLATE, ink: tokens.ink, holds: tokens.holds, care: tokens.care, fails: tokens.fails };
  return (
    <section aria-label="Its life" className="glance-life">
      <h2>Its life</h2>
      <ol>
        {life.map(({ at, kind, rings, words }) => (
          <li key={`${at} ${kind}`}>
            <Paint
              list={holeGlyph({ rings, state: STATES[kind].state })}
              widthPx={GLYPH_PX}
              label={STATES[kind].label}
              colours={colours}
              look={{ width: GLYPH_PX, height: GLYPH_PX }}
            />
            <b>{readableDate(at)}</b>
            <span>{words}</span>
          </li>
        ))}
      </ol>
    </section>
  );
}

/** One hole in one glance. */
export function Glance({
  detail,
  file,
  units,
  onLookAgain,
}: {
  detail: HoleDetail;
  file: HoleFile;
  units: UnitSystem;
  onLookAgain: (look: LookAgain) => Promise<boolean>;
}) {
  const passport = useMemo(() => passportOf(file, units), [file, units]);
  return (
    <>
      <div className="glance">
        <AsItIsNow detail={detail} file={file} units={units} />
        <div className="glance-what">
          <InIt passport={passport} />
          <NextLook due={passport.due} onSet={onLookAgain} />
          {passport.cause && (
            <section aria-label="Why it failed">
              <h2>Why it failed</h2>
              <p>{passport.cause}</p>
            </section>
          )}
          <Sisters place={detail.place} id={detail.id} threadId={file.choices.threadId ?? null} />
        </div>
        <HowWeKnow passport={passport} />
      </div>
      <Life life={passport.life} />
    </>
  );
}
