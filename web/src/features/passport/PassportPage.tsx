import { deviationsOf, doubtWords, foundWords, outcomeWords, SAY } from '@deep-mend/core';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { HoleDetail, MoveReading } from '@deep-mend/contract';
import { API_PREFIX } from '@deep-mend/contract/prefix';
import type { PaperId } from '@deep-mend/drawing';
import {
  choiceOf,
  formatLength,
  isAhead,
  MEANS,
  quantityRow,
  threadById,
  type Generation,
  type HoleFile,
  type MendEntry,
  type ReadingEntry,
  type UnitSystem,
  WAYS,
  PRECISION,
} from '@deep-mend/core';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { ApiProblem } from '../../base/client.ts';
import { isConflict } from '../../base/outbox/useOutbox.ts';
import { useShop } from '../../base/ShopContext.tsx';
import { readableDate } from '../../parts/format.ts';
import { OnPaper } from '../../parts/OnPaper.tsx';
import { Failed, Loading } from '../../parts/states.tsx';
import { Undecided } from '../../parts/Undecided.tsx';
import { useHole, type Leaves } from '../../parts/useHole.ts';
import { AmendMend } from './AmendMend.tsx';
import { CorrectReading } from './CorrectReading.tsx';
import { Entries } from './Entries.tsx';
import { GenerationRings } from './GenerationRings.tsx';
import { Glance } from './Glance.tsx';

/** What a generation is, in the words of a hole's life. */
const pastOf = (method: Generation['method']): string => (method === 'as-made' ? 'as made' : WAYS[method].past);
const STATE_WORDS = {
  live: '',
  superseded: 'read again later',
  struck: 'struck out',
  moved: 'moved to another hole',
  past: 'before the mend',
} as const;

function Mend({ mend, units, onAmend }: { mend: MendEntry; units: UnitSystem; onAmend: () => void }) {
  const length = (mm: number) => `${formatLength(mm, units, PRECISION.caliper[units])} ${units}`;
  const { plan } = mend;
  return (
    <Box component="section" sx={{ borderTop: 1, borderColor: 'divider', py: 1.5 }}>
      <Typography variant="h3">
        {readableDate(mend.openedAt)}: {mend.what || 'no word on what happened'}
      </Typography>
      <Typography>
        {outcomeWords(mend.outcome)}
        {mend.closedAt ? `, ${readableDate(mend.closedAt)}, signed by ${mend.signedBy}` : ''}
        {mend.secondSignedBy ? ' and a second person, as named' : ''}
      </Typography>
      {mend.release && (
        <Typography>
          Released as named by {mend.release.by}, {mend.release.reference}, {mend.release.date}: {mend.release.allows}.
        </Typography>
      )}
      {mend.looked.length > 0 && plan && (
        <Typography>
          Looked at before the cut:{' '}
          {plan.said[units].ticks.filter((_, index) => mend.looked.includes(plan.ticks[index]!)).join('; ')}.
        </Typography>
      )}
      {mend.attempts.length > 0 && (
        <Typography>
          Tried to free it:{' '}
          {mend.attempts.map((attempt) => `${MEANS[attempt.means].name} (${attempt.outcome})`).join(', ')}.
        </Typography>
      )}
      {plan && (
        <Typography sx={{ color: 'text.secondary' }}>
          {plan.title}: {plan.numbers.drillId ? `drill ${plan.numbers.drillId}, ` : ''}cut to{' '}
          {length(plan.numbers.outermostMm)} over all, full thread to {length(plan.numbers.fullThreadToMm)}, screw
          reaching {length(plan.numbers.screwReachMm)}. Engine {plan.engineVersion}.
          {mend.supersededPlans > 0 ? ` Planned ${mend.supersededPlans + 1} times.` : ''}
        </Typography>
      )}
      {mend.results && (
        <Typography>
          Measured:{' '}
          {mend.results
            .map((result) => {
              const title = plan?.expectations.find((e) => e.id === result.id)?.title ?? result.id;
              return `${title.toLowerCase()} ${foundWords(result, SAY[units])}`;
            })
            .join('; ')}
          .{mend.resultNote ? ` “${mend.resultNote}”` : ''}
        </Typography>
      )}
      {deviationsOf(mend, units).map((words) => (
        <Typography key={words}>Otherwise than planned: {words}.</Typography>
      ))}
      {mend.amendments.map(({ what, reason, at, by }) => (
        <Typography key={`${at} ${what}`} sx={{ borderLeft: 4, borderColor: 'warning.main', pl: 1, my: 0.5 }}>
          Amended {readableDate(at)} by {by}: <b>{what}</b>. Why: {reason}.
        </Typography>
      ))}
      {mend.outcome !== 'open' && (
        <Button size="small" className="no-print" onClick={onAmend} sx={{ minHeight: 48 }}>
          Amend it
        </Button>
      )}
    </Box>
  );
}

function reading(entry: ReadingEntry): string {
  const bare = /^[\d.,\s]+$/.test(entry.text);
  return `${entry.text}${bare ? ` ${entry.notation}` : ''} ± ${doubtWords(entry.halfWidthMm, entry.notation)}`;
}

/** What moving a reading leaves: gone from this hole, and there on the other. */
function leavesOf({ id, newReadingId, readingId, toHoleId, reason }: MoveReading, entry: ReadingEntry): Leaves[] {
  const { quantity, text, notation, mm, halfWidthMm, instrument } = entry;
  return [
    { id, kind: 'reading-moved', payload: { readingId, toHoleId, reason } },
    {
      id: newReadingId,
      holeId: toHoleId,
      kind: 'reading',
      payload: { quantity, text, notation, mm, halfWidthMm, instrument },
    },
  ];
}

/** Entries whose device had a clock ahead of the server's: their dates are as it told them. */
function AheadNotice({ detail }: { detail: HoleDetail }) {
  const ahead = detail.events.filter(isAhead).length;
  if (ahead === 0) return null;
  return (
    <Alert severity="warning" sx={{ mt: 1 }}>
      {ahead === 1 ? 'One entry was' : `${ahead} entries were`} made on a device whose clock ran ahead. The date beside
      it is that device’s; the order is the server’s.
    </Alert>
  );
}

/** Where the hole is, its name, and what may be done with it. */
function PassportHead({ detail, file, open }: { detail: HoleDetail; file: HoleFile; open: boolean }) {
  const { place, id } = detail;
  return (
    <>
      <Typography sx={{ fontSize: 15 }}>
        {place ? (
          <>
            <Link to={`/assets/${place.assetId}`}>{place.assetName}</Link> / {place.faceName} /
          </>
        ) : (
          'Loose part /'
        )}
      </Typography>
      <Box sx={{ display: 'flex', gap: 2, justifyContent: 'space-between', flexWrap: 'wrap', alignItems: 'center' }}>
        <Typography variant="h1">
          {file.name}
          {file.choices.threadId ? `, ${threadById(file.choices.threadId).designation}` : ''}
        </Typography>
        <Box className="no-print">
          <Button variant="contained" component={Link} to={open ? `/mend/${id}` : `/mend/${id}/locate`}>
            {open ? 'Go on with the mend' : 'Start a mend'}
          </Button>
        </Box>
      </Box>
      {detail.code !== '' && (
        <Typography sx={{ fontSize: 14.5, color: 'text.secondary' }}>
          Code{' '}
          <b>
            {detail.code.slice(0, 4)} {detail.code.slice(4)}
          </b>
        </Typography>
      )}
      <AheadNotice detail={detail} />
      {choiceOf(file.choices, 'doNotUse') && (
        <Alert severity="error" sx={{ mt: 1 }}>
          Do not use this hole.
        </Alert>
      )}
    </>
  );
}

/** Generations as rings, and in words from the last to the first. */
function Generations({ generations, open, units }: { generations: Generation[]; open: boolean; units: UnitSystem }) {
  return (
    <Box component="section" aria-label="Generations">
      <GenerationRings generations={generations} open={open} />
      <Box component="ol" reversed sx={{ listStyle: 'none', p: 0, mt: 2 }}>
        {[...generations].reverse().map((generation) => (
          <Box component="li" key={generation.number} sx={{ borderTop: 1, borderColor: 'divider', py: 1 }}>
            <b>Generation {generation.number}</b>: {pastOf(generation.method)}
            {generation.threadId ? `, ${threadById(generation.threadId).designation}` : ''}
            <Typography sx={{ fontSize: 14.5, color: 'text.secondary' }}>
              {generation.outermostMm
                ? `cut to ${formatLength(generation.outermostMm, units, PRECISION.caliper[units])} ${units}`
                : 'thread not named yet'}
              {generation.number > 0 ? `, ${readableDate(generation.at)}, ${generation.signedBy}` : ''}
            </Typography>
          </Box>
        ))}
      </Box>
    </Box>
  );
}

/** One reading, with what became of it. */
function Reading({ entry, onCorrect }: { entry: ReadingEntry; onCorrect: () => void }) {
  const gone = entry.state === 'struck' || entry.state === 'moved';
  const { name } = quantityRow(entry.quantity);
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: 'minmax(0, 1fr) auto',
        borderTop: 1,
        borderColor: 'divider',
        py: 0.75,
        alignItems: 'center',
      }}
    >
      <Box>
        <Typography sx={{ textDecoration: gone ? 'line-through' : 'none' }}>
          {name}: <b>{reading(entry)}</b>
        </Typography>
        <Typography sx={{ fontSize: 14, color: 'text.secondary' }}>
          {readableDate(entry.happenedAt)}, {entry.actor}
          {STATE_WORDS[entry.state] === '' ? '' : ` · ${STATE_WORDS[entry.state]}`}
          {entry.reason ? `: ${entry.reason}` : ''}
          {entry.movedFrom ? ' · moved here from another hole' : ''}
        </Typography>
      </Box>
      {!gone && (
        <Button size="small" className="no-print" onClick={onCorrect} aria-label={`Correct ${name}`}>
          Correct
        </Button>
      )}
    </Box>
  );
}

/** Mends and readings, the last first. */
function Life({
  file,
  units,
  onCorrect,
  onAmend,
}: {
  file: HoleFile;
  units: UnitSystem;
  onCorrect: (entry: ReadingEntry) => void;
  onAmend: (mend: MendEntry) => void;
}) {
  return (
    <Box>
      <Typography variant="h2" sx={{ borderTop: 2, borderColor: 'text.primary', pt: 0.75 }}>
        Mends
      </Typography>
      {[...file.mends].reverse().map((mend) => (
        <Mend key={mend.id} mend={mend} units={units} onAmend={() => onAmend(mend)} />
      ))}
      {file.mends.length === 0 && <Typography sx={{ py: 1 }}>None so far.</Typography>}
      <Typography variant="h2" sx={{ borderTop: 2, borderColor: 'text.primary', pt: 0.75, mt: 3 }}>
        Readings
      </Typography>
      {[...file.readings].reverse().map((entry) => (
        <Reading key={entry.id} entry={entry} onCorrect={() => onCorrect(entry)} />
      ))}
      {file.readings.length === 0 && <Typography sx={{ py: 1 }}>None so far.</Typography>}
    </Box>
  );
}

const paperHref = (holeId: string, what: 'passport' | 'labels', paper: PaperId, units: UnitSystem): string =>
  `${API_PREFIX}/holes/${holeId}/${what}.pdf?paper=${paper}&units=${units}`;

/** One hole's life: generations as rings, mends, readings with their corrections, who signed. */
export function PassportPage() {
  const { holeId = '' } = useParams();
  const { units } = useShop();
  const access = useHole(holeId);
  const [correcting, setCorrecting] = useState<ReadingEntry | null>(null);
  const [amending, setAmending] = useState<MendEntry | null>(null);
  const [problem, setProblem] = useState('');
  const { detail, file } = access;
  if (access.error && !detail) return <Failed error={access.error} retry={() => void access.refresh()} />;
  if (!detail || !file) return <Loading what="the passport" />;
  const open = file.mends.some((mend) => mend.outcome === 'open');
  /** Whether it was done; refused, it is said and stays as it was typed. */
  const tried = async (work: () => Promise<unknown>): Promise<boolean> => {
    try {
      await work();
      setCorrecting(null);
      setAmending(null);
      setProblem('');
      return true;
    } catch (error) {
      if (!(error instanceof ApiProblem)) throw error;
      // Another was faster: both are shown by what waits to be decided.
      if (isConflict(error.problem)) setCorrecting(null);
      else setProblem(error.message);
      return false;
    }
  };
  const guarded = async (work: () => Promise<unknown>) => void (await tried(work));
  return (
    <Box sx={{ pt: 1.5 }}>
      <PassportHead detail={detail} file={file} open={open} />
      {problem !== '' && <Alert severity="error">{problem}</Alert>}
      <Undecided line={`/holes/${holeId}`} />
      <Glance
        detail={detail}
        file={file}
        units={units}
        onLookAgain={(look) => tried(() => access.append('look-again', look))}
      />
      <OnPaper
        papers={[
          { name: 'The passport on paper (PDF)', hrefOf: (paper) => paperHref(holeId, 'passport', paper, units) },
          { name: 'Labels (PDF)', hrefOf: (paper) => paperHref(holeId, 'labels', paper, units) },
        ]}
      />
      <Box sx={{ display: 'grid', gap: { xs: 3, md: 5 }, gridTemplateColumns: { md: '300px minmax(0, 1fr)' }, mt: 2 }}>
        <Generations generations={file.generations} open={open} units={units} />
        <Life file={file} units={units} onCorrect={setCorrecting} onAmend={setAmending} />
      </Box>
      <Entries events={detail.events} />
      {amending && (
        <AmendMend
          keepAs={`amend:${amending.id}`}
          onAmend={(what, reason) => tried(() => access.append('amended', { mendId: amending.id, what, reason }))}
          onClose={() => setAmending(null)}
        />
      )}
      {correcting && (
        <CorrectReading
          entry={correcting}
          holeId={holeId}
          words={reading(correcting)}
          onClose={() => setCorrecting(null)}
          onStrike={(reason) => guarded(() => access.append('reading-struck', { readingId: correcting.id, reason }))}
          onMove={(body) => guarded(() => access.post('moves', body, leavesOf(body, correcting)))}
        />
      )}
    </Box>
  );
}
