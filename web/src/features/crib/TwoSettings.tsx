import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { ShopSettings } from '@deep-mend/contract';
import { COIL_SET_DOWNS, DRILL_SETS, DRILLING_SET_UPS, RANKING_RULES, TAP_DRILL_RULES, tapName } from '@deep-mend/core';
import type { Item } from '../../base/outbox/Item.ts';
import { useLine, useOutbox } from '../../base/outbox/useOutbox.ts';
import { mergeSettings, partOf, type Part } from '../../base/mergeSettings.ts';
import { SHOP, useShop } from '../../base/ShopContext.tsx';

type Rules = ShopSettings['rules'];
type Words = { [K in Exclude<keyof ShopSettings, 'rules'>]: readonly [string, (value: ShopSettings[K]) => string] } & {
  [K in keyof Rules as `rules.${K}`]: readonly [string, (value: Rules[K]) => string];
};

const list = (words: readonly string[]) => (words.length === 0 ? 'none' : words.join(', '));
const count = (rows: readonly unknown[] | null | undefined, what: string) =>
  rows ? `${rows.length} ${what}` : `${what} not listed`;
const named = (rows: readonly { id: string; name: string }[], id: string) =>
  rows.find((row) => row.id === id)?.name ?? id;

/** Each part of the settings in words, with what it is called. */
const WORDS: Words = {
  name: ['Name of the shop', (name) => name],
  units: ['Units', (units) => (units === 'mm' ? 'millimetres' : 'inches')],
  drillSets: ['Drill sets', (ids) => list(DRILL_SETS.filter(({ id }) => ids.includes(id)).map(({ title }) => title))],
  missingDrills: ['Missing drills', list],
  singleDrills: ['Single drills', (rows) => list(rows.map(({ id }) => id))],
  wornDrills: ['Worn drills', (rows) => list(rows.map(({ id, cutsMm }) => `${id} cuts ${cutsMm} mm`))],
  drilling: [
    'Drilled with',
    ({ setUp, measuredOversizeMm }) =>
      `${named(DRILLING_SET_UPS, setUp)}${measuredOversizeMm === null ? '' : `, ${measuredOversizeMm} mm oversize measured`}`,
  ],
  setUp: ['First questions', (done) => (done ? 'answered' : 'open')],
  'rules.tapDrill': ['Tap drill', (id) => named(TAP_DRILL_RULES, id)],
  'rules.coilSetDownTurns': [
    'Coil under the face',
    (turns) => `${COIL_SET_DOWNS.find((row) => row.turns === turns)?.turns ?? turns} of a turn`,
  ],
  'rules.tapNames': ['The middle tap is called', (id) => tapName(4, id)],
  'rules.ranking': ['Which way goes first', ({ rule }) => named(RANKING_RULES, rule)],
  'rules.rates': ['Rates', ({ perHour, sentOut }) => `${perHour} an hour, ${sentOut} sent out`],
  'rules.kit': [
    'What is owned',
    ({ taps, coils, coilLengths }) =>
      [count(taps, 'taps'), count(coils, 'coils'), count(coilLengths, 'lengths of coil')].join(', '),
  ],
};

function wordsOf(settings: ShopSettings, part: Part): string {
  const [, say] = WORDS[part.join('.') as keyof Words] as readonly [string, (value: unknown) => string];
  return say(partOf(settings, part));
}
const labelOf = (part: Part): string => WORDS[part.join('.') as keyof Words][0];

/** What two people changed at once, side by side; what only one of them changed stands already. */
function Both({ item }: { item: Item }) {
  const outbox = useOutbox();
  const { recorded } = useShop();
  if (!item.saw) return null;
  const mine = item.body as ShopSettings;
  const theirs = recorded.settings;
  const merged = mergeSettings(item.saw as ShopSettings, mine, theirs);
  // Different parts: they are laid together at once, and nobody is asked.
  if (merged.collisions.length === 0 && recorded.revision !== item.seen) return null;
  return (
    <Alert severity="warning" sx={{ '& .MuiAlert-message': { width: '100%' } }}>
      Someone changed the same meanwhile.
      {merged.collisions.map((part) => (
        <Box key={part.join('.')} component="dl" className="two-versions" sx={{ m: 0, mt: 1 }}>
          <dt>{labelOf(part)}, yours</dt>
          <dd>{wordsOf(mine, part)}</dd>
          <dt>Theirs</dt>
          <dd>{wordsOf(theirs, part)}</dd>
        </Box>
      ))}
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 1 }}>
        <Button
          size="small"
          variant="outlined"
          onClick={() => void outbox.again(item, { seen: recorded.revision, body: merged.settings })}
        >
          Keep yours
        </Button>
        <Button size="small" variant="outlined" onClick={() => void outbox.drop(item)}>
          Keep theirs
        </Button>
      </Box>
    </Alert>
  );
}

export function TwoSettings() {
  const { refused } = useLine(SHOP);
  return refused.map((item) => <Both key={item.order} item={item} />);
}
