import { SETTINGS } from '../../test/panel.tsx';
import { mergeSettings, PARTS, partOf } from './mergeSettings.ts';

test('what two people changed in different parts stands side by side', () => {
  const mine = { ...SETTINGS, name: 'North yard' };
  const theirs = {
    ...SETTINGS,
    rules: { ...SETTINGS.rules, tapNames: 'taper-plug-bottoming' as never },
    units: 'in' as const,
  };
  const { settings, collisions } = mergeSettings(SETTINGS, mine, theirs);
  expect(collisions).toEqual([]);
  expect(settings).toEqual({ ...theirs, name: 'North yard' });
});

test('the same part changed to something else is a choice; changed alike it is none', () => {
  const named = (name: string) => ({ ...SETTINGS, name });
  expect(mergeSettings(SETTINGS, named('North'), named('South')).collisions).toEqual([['name']]);
  expect(mergeSettings(SETTINGS, named('North'), named('North')).collisions).toEqual([]);
});

test('every setting is a part: none is lost when two are merged', () => {
  const parts = PARTS.map((part) => part.join('.')).sort();
  const there = Object.keys(SETTINGS).flatMap((key) =>
    key === 'rules'
      ? [...Object.keys(SETTINGS.rules), 'ranking', 'rates', 'kit'].map((rule) => `rules.${rule}`)
      : [key],
  );
  expect(parts).toEqual([...new Set(there)].sort());
  expect(partOf(SETTINGS, ['rules', 'tapDrill'])).toBe(SETTINGS.rules.tapDrill);
});
