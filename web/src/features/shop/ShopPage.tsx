import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { useRead } from '../../base/client.ts';
import { SHOP_LISTS } from '../../base/shopLists.ts';
import { useShop } from '../../base/ShopContext.tsx';
import { HoleRow } from '../../paint/HoleRow.tsx';
import { useClocks } from '../../parts/ClocksDue.tsx';
import { clockWords } from '../../parts/clockWords.ts';
import { StartMend } from '../../parts/StartMend.tsx';
import { Empty, Failed, Loading } from '../../parts/states.tsx';

/** The order in which a shop looks at its holes: what is at the machine first. */
const STATION_ORDER = ['prove', 'prepare', 'free', 'decide', 'measure'] as const;
const STATION_WORDS = {
  prove: 'Cut, waiting for proof',
  prepare: 'Planned, ready for the machine',
  free: 'Something is stuck in it',
  decide: 'Measured, waiting for a decision',
  measure: 'Waiting for readings',
} as const;

function Group({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box component="section" sx={{ mb: 3 }}>
      <Typography variant="h2" sx={{ borderTop: 2, borderColor: 'text.primary', pt: 0.75, pb: 0.5 }}>
        {title}
      </Typography>
      {children}
    </Box>
  );
}

/** Today in the shop: mends under way by station, holes that came back, what was closed lately. */
export function ShopPage() {
  const { settings } = useShop();
  const open = useRead(SHOP_LISTS.open);
  const closed = useRead(SHOP_LISTS.closed);
  const clocks = useClocks();
  const [starting, setStarting] = useState(false);
  const error = open.error ?? closed.error;
  if (error && !(open.data && closed.data))
    return <Failed error={error} retry={() => void Promise.all([open.mutate(), closed.mutate()])} />;
  if (!open.data || !closed.data) return <Loading what="today’s mends" />;
  const mends = open.data.items;
  const back = [...mends, ...closed.data.items].filter((hole) => hole.repairs + (hole.openMendId ? 1 : 0) > 1);
  const empty = mends.length === 0 && closed.data.items.length === 0;
  return (
    <>
      <Box
        sx={{
          display: 'flex',
          justifyContent: 'space-between',
          alignItems: 'center',
          flexWrap: 'wrap',
          gap: 1,
          py: 1.5,
        }}
      >
        <Typography variant="h1">{settings.name}</Typography>
        <Button variant="contained" onClick={() => setStarting(true)}>
          Start a mend
        </Button>
      </Box>
      {empty ? (
        <Empty title="No hole has been mended here yet">
          <Typography sx={{ mb: 2 }}>
            A stripped hole in front of you? Start a mend: type its thread, its depth and how deep the damage goes. The
            ways to mend it appear as you type.
          </Typography>
          <Typography>
            Or <Link to="/assets">add the machine first</Link>.
          </Typography>
        </Empty>
      ) : (
        <Box sx={{ display: 'grid', gap: { md: 5 }, gridTemplateColumns: { md: 'minmax(0, 3fr) minmax(0, 2fr)' } }}>
          <Box>
            {STATION_ORDER.map((station) => {
              const holes = mends.filter((hole) => hole.station === station);
              return holes.length === 0 ? null : (
                <Group key={station} title={`${STATION_WORDS[station]} (${holes.length})`}>
                  {holes.map((hole) => (
                    <HoleRow key={hole.id} hole={hole} withPlace />
                  ))}
                </Group>
              );
            })}
            {mends.length === 0 && <Typography sx={{ py: 2 }}>No mend is under way.</Typography>}
          </Box>
          <Box>
            {clocks.length > 0 && (
              <Group title="Clocks that run">
                <ul className="clock-rows">
                  {clocks.map(({ hole, leftMs }) => (
                    <li key={hole.id} data-due={leftMs <= 0}>
                      <b role="timer">{clockWords(leftMs)}</b>
                      <Link to={`/mend/${hole.id}/cut`}>
                        {hole.clockWhat}, {[hole.assetName, hole.name].filter(Boolean).join(', ')}
                      </Link>
                    </li>
                  ))}
                </ul>
              </Group>
            )}
            {back.length > 0 && (
              <Group title="Holes that came back">
                {back.map((hole) => (
                  <HoleRow key={hole.id} hole={hole} withPlace />
                ))}
              </Group>
            )}
            {closed.data.items.length > 0 && (
              <Group title="Closed lately">
                {closed.data.items.slice(0, 8).map((hole) => (
                  <HoleRow key={hole.id} hole={hole} withPlace />
                ))}
              </Group>
            )}
          </Box>
        </Box>
      )}
      {starting && <StartMend face={null} onClose={() => setStarting(false)} />}
    </>
  );
}
