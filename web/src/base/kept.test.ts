import { isNumber, isRecordOf, isShut, isTexts, keptOn, onShut, type Shelf } from './kept.ts';

function shelfOf(kept: Record<string, string> = {}): Shelf & { kept: Record<string, string> } {
  return {
    kept,
    getItem: (key) => kept[key] ?? null,
    setItem: (key, text) => void (kept[key] = text),
    removeItem: (key) => void delete kept[key],
  };
}

test('what is kept is read again in its shape; forgotten, it is nothing', () => {
  const shelf = shelfOf();
  const kept = keptOn(() => shelf);
  kept.keep('step:1', 3);
  kept.keepText('units', 'in');
  expect(shelf.kept).toEqual({ 'step:1': '3', units: 'in' });
  expect([kept.value('step:1', isNumber), kept.text('units')]).toEqual([3, 'in']);
  kept.forget('step:1');
  expect(kept.value('step:1', isNumber)).toBeNull();
});

test.each(['', '{', 'NaN', '"3"', 'null', '[3]'])(
  '“%s” where a number was expected is nothing, and no error',
  (text) => {
    expect(keptOn(() => shelfOf({ key: text })).value('key', isNumber)).toBeNull();
  },
);

test('shapes', () => {
  expect(isRecordOf('text')({ depth: { text: '30' } })).toBe(true);
  expect(isRecordOf('text')({ depth: { text: 30 } })).toBe(false);
  expect(isRecordOf('text')({ depth: null })).toBe(false);
  expect([isTexts(['a']), isTexts(['a', 1]), isTexts('a')]).toEqual([true, false, false]);
});

test('where the browser refuses, the page remembers until it is closed, and says so', () => {
  let heard = 0;
  const stop = onShut(() => (heard += 1));
  const refuse = () => {
    throw new DOMException('full', 'QuotaExceededError');
  };
  const full = { ...shelfOf({ timer: '5' }), setItem: refuse, removeItem: refuse };
  const kept = keptOn(() => full);
  expect([kept.value('timer', isNumber), isShut()]).toEqual([5, false]);
  kept.keep('timer', 6);
  expect([kept.value('timer', isNumber), isShut(), heard]).toEqual([6, true, 1]);
  kept.forget('timer');
  expect(kept.value('timer', isNumber)).toBeNull();
  expect(keptOn(refuse).text('units')).toBeNull();
  stop();
  kept.keep('timer', 7);
  expect(heard).toBe(3);
});

test('what is no refusal of the browser is not hidden', () => {
  const broken = () => {
    throw new Error('a fault of ours');
  };
  expect(() => keptOn(broken).text('units')).toThrow('a fault of ours');
});
