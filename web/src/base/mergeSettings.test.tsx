import { SETTINGS } from '../../test/panel.tsx';
import { mergeSettings, partOf } from './mergeSettings.ts';

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

test('every setting is a part: whichever is changed is laid over, and nothing else', () => {
  const theirs = { ...SETTINGS, name: 'South' };
  for (const key of Object.keys(SETTINGS) as (keyof typeof SETTINGS)[]) {
    if (key === 'name' || key === 'rules') continue;
    const { settings, collisions } = mergeSettings(SETTINGS, { ...SETTINGS, [key]: 'changed' as never }, theirs);
    expect([settings[key], settings.name, collisions]).toEqual(['changed', 'South', []]);
  }
  for (const rule of Object.keys(SETTINGS.rules) as (keyof typeof SETTINGS.rules)[]) {
    const mine = { ...SETTINGS, rules: { ...SETTINGS.rules, [rule]: 'changed' as never } };
    const { settings } = mergeSettings(SETTINGS, mine, theirs);
    expect([partOf(settings, ['rules', rule]), settings.name]).toEqual(['changed', 'South']);
  }
});
