import { eventWords, knowsEvent } from '@deep-mend/core';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { HoleDetail } from '@deep-mend/contract';
import type { HoleEventBody } from '@deep-mend/core';
import { useSWRConfig } from 'swr';
import { isConflict, useLine, useOutbox } from '../base/outbox/useOutbox.ts';
import type { Item } from '../base/outbox/Item.ts';
import { isRecord } from '../base/kept.ts';
import { clockTime } from './format.ts';

type Rival = HoleEventBody & { actor: string; happenedAt: string };

/** What another decided meanwhile, as the server tells it; null: it tells no single decision. */
const rivalOf = ({ problem }: Item): Rival | null =>
  isRecord(problem?.theirs) && knowsEvent(problem.theirs.kind) ? (problem.theirs as unknown as Rival) : null;

/** One thing that was not taken: what it was, why, and what may be done with it. */
function NotTaken({ item }: { item: Item }) {
  const outbox = useOutbox();
  const { cache, mutate } = useSWRConfig();
  const rival = rivalOf(item);
  const conflict = isConflict(item.problem!);
  // A plan stands on its numbers: what was not seen with the newest readings is not kept over them.
  const mayStand = !(conflict && item.address.endsWith('/plans'));
  const look = () => mutate(item.line);
  const again = async () => {
    await look();
    const seen = (cache.get(item.line)?.data as HoleDetail | undefined)?.revision ?? item.seen;
    await outbox.again(item, { seen });
  };
  const drop = async () => {
    await look();
    await outbox.drop(item);
  };
  return (
    <Alert severity={conflict ? 'warning' : 'error'} sx={{ mb: 2, '& .MuiAlert-message': { width: '100%' } }}>
      {rival ? (
        <>
          Someone was faster. Which shall stand?
          <Box component="dl" className="two-versions" sx={{ m: 0, mt: 1 }}>
            <dt>You</dt>
            <dd>{item.title}</dd>
            <dt>
              {rival.actor}, {clockTime(rival.happenedAt)}
            </dt>
            <dd>{eventWords(rival)}</dd>
          </Box>
        </>
      ) : (
        <>
          <b>{item.title}</b>: {item.problem!.detail}
        </>
      )}
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 1 }}>
        {mayStand && (
          <Button size="small" variant="outlined" onClick={() => void again()}>
            {conflict ? 'Keep yours' : 'Send it again'}
          </Button>
        )}
        <Button size="small" variant="outlined" onClick={() => void drop()}>
          {conflict ? (mayStand ? 'Keep theirs' : 'Look at the numbers again') : 'Throw it away'}
        </Button>
      </Box>
    </Alert>
  );
}

/** What was not taken on one hole: another was faster, or it was refused after it had been kept on the device. */
export function Undecided({ line }: { line: string }) {
  const { refused } = useLine(line);
  return refused.map((item) => <NotTaken key={item.order} item={item} />);
}
