import { act, screen } from '@testing-library/react';
import { inputsOf, weigh, type HoleFile, type Sensitivity } from '@deep-mend/core';
import { fileWith, show, shopOf } from '../../../../../test/panel.tsx';
import { MeasurePanel } from './MeasurePanel.tsx';

const KNOWN = {
  threadId: 'M8x1.25',
  parentId: 'aluminium-cast-heat-treated',
  kind: 'through',
  strippedThroughout: true,
  fastenerClassId: '8.8',
} as const satisfies HoleFile['choices'];

function panel(
  choices: HoleFile['choices'],
  live: Partial<Record<keyof HoleFile['live'], number>> = {},
  props: Partial<Parameters<typeof MeasurePanel>[0]> = {},
) {
  const file = fileWith(choices);
  const entries = Object.entries(live).map(([quantity, mm]) => [
    quantity,
    { id: quantity, quantity, mm, halfWidthMm: 0.1, text: `${mm}`, notation: 'mm', instrument: 'caliper' },
  ]);
  const weighed = weigh(inputsOf({ ...file, live: Object.fromEntries(entries) as HoleFile['live'] }), shopOf().rules);
  return (
    <MeasurePanel
      built={weighed as Parameters<typeof MeasurePanel>[0]['built']}
      proposal={weighed.ok ? weighed.proposal : null}
      unsettled={null}
      units="mm"
      onDecide={() => undefined}
      {...props}
    />
  );
}

test('one question at a time, those to come named, and nobody knows the thread is an answer', () => {
  const { text, again } = show(panel({}));
  expect(text()).toMatch(/^Which thread is it\?/);
  expect(text()).toContain('Then: what is it cut in · does it go right through · how deep is it');
  expect(screen.getByRole('button', { name: 'Nobody knows? Find out' })).toBeTruthy();
  again(panel({ threadId: 'M8x1.25', parentId: 'brass', kind: 'blind' }));
  expect(text()).toMatch(/^How deep is it\?/);
  expect(screen.queryByRole('button', { name: /Nobody knows/ })).toBeNull();
});

test('what the readings say, with what was assumed where nobody measured', () => {
  const { text } = show(panel(KNOWN, { depth: 20 }));
  expect(text()).toContain('Sound thread left0.0mm');
  expect(text()).toContain('unknownnot measured: taken at 0.9 D from the axis');
  expect(text()).toContain('Taken as: up to');
});

test('a wall that was measured is a figure with its doubt', () => {
  const { text } = show(panel(KNOWN, { depth: 20, edge: 20 }));
  expect(text()).toMatch(/Wall to the edge16\.0mm± 0\.1/);
});

test('answers that ways wait for are asked, and the hand is put there', async () => {
  const { user, text } = show(
    <>
      {panel(KNOWN, { depth: 20, edge: 20 })}
      <details className="known-more">
        <select id="choice-behind" />
      </details>
    </>,
  );
  expect(text()).toContain('Next to answer');
  await user.click(screen.getByRole('button', { name: 'Answer it' }));
  await act(() => new Promise<void>((done) => requestAnimationFrame(() => requestAnimationFrame(() => done()))));
  expect(document.activeElement?.id).toMatch(/^choice-/);
});

const edge: Sensitivity = {
  quantity: 'edge',
  state: 'unknown',
  changesVerdicts: 4,
  firstChanges: { low: 'Wire coil 2 D', high: 'Retap M10' },
} as Sensitivity;

test('the reading that decides most is named with what hangs on it, the next ones after it', () => {
  const later = { ...edge, quantity: 'depth', state: 'rough', firstChanges: null } as unknown as Sensitivity;
  const { text } = show(panel(KNOWN, { depth: 20 }, { unsettled: [edge, later] }));
  expect(text()).toContain('it decides 4 verdicts, and whether it is “Wire coil 2 D” or “Retap M10”.');
  expect(text()).toMatch(/Then: depth/);
});

test('one verdict is one; what was read already is to be read more closely', () => {
  const { text } = show(
    panel(
      KNOWN,
      { depth: 20 },
      { unsettled: [{ ...edge, state: 'rough', changesVerdicts: 1, firstChanges: null } as never] },
    ),
  );
  expect(text()).toContain(', more closely: it decides 1 verdict.');
});

test('when no reading would change anything it says so; while it is computed it says nothing', () => {
  const { text, again } = show(panel(KNOWN, { depth: 20 }, { unsettled: [] }));
  expect(text()).toContain('No further reading would change a verdict.');
  again(panel(KNOWN, { depth: 20 }));
  expect(text()).not.toContain('No further reading');
});

test('the ways that stand are counted on the way to them', async () => {
  let gone = 0;
  const { user } = show(panel(KNOWN, { depth: 20, edge: 30 }, { onDecide: () => void (gone += 1) }));
  await user.click(screen.getByRole('button', { name: /^Weigh the \d+ ways that are open$/ }));
  expect(gone).toBe(1);
});
