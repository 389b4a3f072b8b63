import { keptOn } from '../../base/kept.ts';
import { draftStore, type Draft, halfWidthShown, halfWidthTyped } from './drafts.ts';

const draft = (text: string): Draft => ({ text, instrument: 'caliper', halfWidth: '0.05', units: 'mm' });
function shelfOf(kept: Record<string, string> = {}) {
  return {
    kept,
    getItem: (key: string) => kept[key] ?? null,
    setItem: (key: string, text: string) => void (kept[key] = text),
    removeItem: (key: string) => void delete kept[key],
  };
}

test('a draft is heard of at once, kept when told to, and there again on the next visit', () => {
  const shelf = shelfOf();
  const store = draftStore(
    'hole',
    keptOn(() => shelf),
  );
  const heard: (string | undefined)[] = [];
  const stop = store.subscribe(() => heard.push(store.get().depth?.text));
  store.set('depth', draft('30'));
  stop();
  store.set('depth', draft('30.5'));
  expect(heard).toEqual(['30']);
  expect(shelf.kept).toEqual({});
  store.keep();
  expect(
    draftStore(
      'hole',
      keptOn(() => shelf),
    ).get(),
  ).toEqual({ depth: draft('30.5') });
  expect(
    draftStore(
      'another',
      keptOn(() => shelf),
    ).get(),
  ).toEqual({});
});

test('a field hears of its own reading only', () => {
  const store = draftStore('hole', keptOn(shelfOf));
  let heard = 0;
  const stop = store.subscribe(() => (heard += 1), 'edge');
  store.set('depth', draft('30'));
  expect(heard).toBe(0);
  store.set('edge', draft('9'));
  store.clear('edge', draft('9'));
  expect(heard).toBe(2);
  stop();
  store.set('edge', draft('8'));
  expect(heard).toBe(2);
});

test('a recorded draft is forgotten, unless something else was typed over it meanwhile', () => {
  const store = draftStore('hole', keptOn(shelfOf));
  store.set('depth', draft('30'));
  store.set('edge', draft('9'));
  store.set('depth', draft('31'));
  store.clear('depth', draft('30'));
  store.clear('edge', draft('9'));
  expect(store.get()).toEqual({ depth: draft('31') });
});

test('a doubt is shown and typed in the reader’s unit, and means the same in the other', () => {
  expect(halfWidthShown('0.05', 'mm')).toBe('0.05');
  expect(halfWidthShown('0.05', 'in')).toBe('0.002');
  const typed = halfWidthTyped('0.004', 'in');
  expect(halfWidthShown(typed, 'in')).toBe('0.004');
  expect(halfWidthShown(typed, 'mm')).toBe('0.1');
  expect(halfWidthTyped('', 'in')).toBe('');
});
