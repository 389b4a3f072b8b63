import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { ShopSettings } from '@deep-mend/contract';
import {
  DRILL_SETS,
  DRILLING_SET_UPS,
  formatLengthWithUnit,
  PRACTICES,
  RANKING_RULES,
  RANKING_WEIGHTS,
  speedsWords,
  TAP_DRILL_RULES,
  tapName,
  type UnitSystem,
} from '@deep-mend/core';
import type { Item } from '../../base/outbox/Item.ts';
import { useLine, useOutbox } from '../../base/outbox/useOutbox.ts';
import { mergeSettings, partOf, type Part } from '../../base/mergeSettings.ts';
import { SHOP, useShop } from '../../base/ShopContext.tsx';
import {
  KIT_TITLES,
  SETTING_LABELS,
  turnsWords,
  unitsWords,
  WEIGHT_WORDS,
  wornWords,
  type SettingKey,
} from './settingWords.ts';

type Rules = ShopSettings['rules'];
type Say<V> = (value: V, units: UnitSystem) => string;
type Words = { [K in Exclude<keyof ShopSettings, 'rules'>]: Say<ShopSettings[K]> } & {
  [K in keyof Rules as `rules.${K}`]: Say<Rules[K]>;
};

const list = (words: readonly string[]) => (words.length === 0 ? 'none' : words.join(', '));
const named = (rows: readonly { id: string; name: string }[], id: string) =>
  rows.find((row) => row.id === id)?.name ?? id;

/** The value of each setting in words, lengths in the reader's unit. */
const WORDS: Words = {
  name: (name) => name,
  units: unitsWords,
  drillSets: (ids) => list(DRILL_SETS.filter(({ id }) => ids.includes(id)).map(({ title }) => title)),
  missingDrills: list,
  singleDrills: (rows) => list(rows.map(({ id }) => id)),
  wornDrills: (rows, units) => list(rows.map((row) => wornWords(row, units))),
  drilling: ({ setUp, measuredOversizeMm: over }, units) =>
    `${named(DRILLING_SET_UPS, setUp)}${over === null ? '' : `, oversize measured ${formatLengthWithUnit(over, units)}`}`,
  setUp: (done) => (done ? 'answered' : 'open'),
  'rules.tapDrill': (id) => named(TAP_DRILL_RULES, id),
  'rules.coilSetDownTurns': turnsWords,
  'rules.tapNames': (id) => tapName(4, id),
  'rules.ranking': ({ rule, weights }) => {
    // A rule's own weights go without saying.
    const own = RANKING_WEIGHTS[rule];
    const changed = (Object.keys(own) as (keyof typeof own)[]).filter((key) => own[key] !== weights[key]);
    return [named(RANKING_RULES, rule), ...changed.map((key) => `${WEIGHT_WORDS[key]} ${weights[key]}`)].join(', ');
  },
  'rules.rates': ({ perHour, sentOut }) => `${perHour}, ${sentOut}`,
  'rules.kit': (kit) =>
    (Object.keys(KIT_TITLES) as (keyof typeof KIT_TITLES)[])
      .map((key) => `${KIT_TITLES[key]} ${kit[key]?.length ?? 'not listed'}`)
      .join(', '),
  'rules.machines': (machines) => list(machines.map(({ name, speeds }) => `${name} (${speedsWords(speeds)})`)),
  'rules.own': (own) => list(own.map(({ kind, id, count }) => `${kind} ${id} (${count})`)),
  'rules.practice': (practice) =>
    list(
      PRACTICES.flatMap(({ id, question, options }) => {
        const settled = practice[id];
        return settled === undefined ? [] : [`${question}: ${named(options, settled)}`];
      }),
    ),
};

const keyOf = (part: Part): SettingKey => part.join('.') as SettingKey;
// The key says which of the parsers' types the value has: the compiler cannot follow it through the union.
const wordsOf = (settings: ShopSettings, part: Part, units: UnitSystem): string =>
  (WORDS[keyOf(part)] as Say<unknown>)(partOf(settings, part), units);

/** What two people changed at once, side by side; what only one of them changed stands already. */
function Both({ item }: { item: Item }) {
  const outbox = useOutbox();
  const { recorded, units } = useShop();
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
          <dt>{SETTING_LABELS[keyOf(part)]}, yours</dt>
          <dd>{wordsOf(mine, part, units)}</dd>
          <dt>Theirs</dt>
          <dd>{wordsOf(theirs, part, units)}</dd>
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
