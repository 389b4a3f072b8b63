import { screen, within } from '@testing-library/react';
import type { QuantityId, ReadingEntry, UnitSystem } from '@deep-mend/core';
import { show } from '../../../test/panel.tsx';
import { draftStore } from './drafts.ts';
import { ReadingField } from './ReadingField.tsx';
import { StationRail } from './StationRail.tsx';

function field(units: UnitSystem = 'mm', props: Partial<Parameters<typeof ReadingField>[0]> = {}) {
  const drafts = draftStore('h1');
  const committed: QuantityId[] = [];
  const shown = show(
    <ReadingField
      quantity="edge"
      threadId="M8x1.25"
      entry={undefined}
      units={units}
      onCommit={(quantity) => void committed.push(quantity)}
      {...props}
    />,
    units,
    { drafts },
  );
  return { ...shown, drafts, committed, input: screen.getByLabelText('Axis to nearest edge') as HTMLInputElement };
}

test('what is typed is a draft at once, with its unit, and is recorded when the field is left', async () => {
  const { user, drafts, committed, input } = field('in');
  await user.type(input, '0.53');
  expect(drafts.get().edge).toMatchObject({ text: '0.53', units: 'in', instrument: 'caliper' });
  expect(committed).toEqual([]);
  await user.tab();
  expect(committed).toEqual(['edge']);
});

test('a slip is said at the field and read to whoever cannot see it', async () => {
  const { user, input } = field();
  await user.type(input, 'near');
  expect(screen.getByRole('alert').id).toBe(input.getAttribute('aria-describedby'));
  expect(input.getAttribute('aria-invalid')).toBe('true');
});

test('what does not go with the thread is asked about, not refused', async () => {
  const { user, input } = field('mm', { quantity: 'bore-a', label: 'Axis to nearest edge' });
  await user.type(input, '66');
  expect(screen.getByRole('status').textContent).toBe('Is it 66 mm, or 6.6 mm?');
  expect(input.getAttribute('aria-invalid')).toBe('false');
});

test('another instrument brings its own doubt; a doubt of one’s own is kept in the reader’s unit', async () => {
  const { user, drafts } = field('in');
  await user.click(screen.getByRole('button', { name: /^Instrument and doubt of/ }));
  const popover = within(screen.getByRole('presentation'));
  await user.click(popover.getByLabelText('Read with'));
  await user.click(screen.getByRole('option', { name: /^Micrometer/ }));
  expect(drafts.get().edge!.instrument).toBe('micrometer');
  const doubt = popover.getByLabelText('Doubt, ± in') as HTMLInputElement;
  await user.clear(doubt);
  await user.type(doubt, '0.002');
  expect(drafts.get().edge!.halfWidth).toBe('0.002 in');
});

test('what is recorded stands as it was written, whatever the page’s unit', () => {
  const entry = {
    quantity: 'edge',
    text: '0.53',
    notation: 'in',
    mm: 13.462,
    halfWidthMm: 0.05,
    instrument: 'caliper',
  };
  const { input, text } = field('mm', { entry: entry as ReadingEntry });
  expect([input.value, text()]).toEqual(['0.53', expect.stringContaining('in')]);
});

test('the rail: where one is, what is shut and why, and one press to what is open', async () => {
  const gone: string[] = [];
  const { user } = show(
    <StationRail current="measure" closed={{ free: 'Nothing is stuck in it' }} onGo={(to) => void gone.push(to)} />,
  );
  expect(screen.getByRole('button', { name: '2 Measure' }).getAttribute('aria-current')).toBe('step');
  const free = screen.getByRole('button', { name: '3 Free' }) as HTMLButtonElement;
  expect([free.disabled, free.title]).toEqual([true, 'Nothing is stuck in it']);
  await user.click(screen.getByRole('button', { name: '4 Decide' }));
  expect(gone).toEqual(['decide']);
});
