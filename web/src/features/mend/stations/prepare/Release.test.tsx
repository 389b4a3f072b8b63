import { cleanup, screen } from '@testing-library/react';
import { show } from '../../../../../test/panel.tsx';
import { Release, type ReleaseAsNamed } from './Release.tsx';

test('a release is recorded when every field is filled, and not before', async () => {
  const sent: ReleaseAsNamed[] = [];
  const { user } = show(
    <Release release={null} keepAs="release:m1" onRelease={async (release) => sent.push(release) > 9} />,
  );
  const record = screen.getByRole('button', { name: 'Record the release' });
  for (const [label, text] of [
    ['Name', 'B. Builder'],
    ['Reference', 'R 12'],
    ['Date', '2026-03-04'],
  ] as const) {
    await user.type(screen.getByLabelText(label), text);
    expect(record).toHaveProperty('disabled', true);
  }
  await user.type(screen.getByLabelText('What it allows'), 'a bush');
  await user.click(record);
  expect(sent).toEqual([{ role: 'maker', by: 'B. Builder', reference: 'R 12', date: '2026-03-04', allows: 'a bush' }]);
  // Not taken: it is there on the next visit.
  cleanup();
  show(<Release release={null} keepAs="release:m1" onRelease={null} />);
  cleanup();
  show(<Release release={null} keepAs="release:m1" onRelease={async () => true} />);
  expect(screen.getByLabelText<HTMLInputElement>('Reference').value).toBe('R 12');
});

test('a closed mend shows that it was not released, and takes none', () => {
  const { text } = show(<Release release={null} keepAs="release:m1" onRelease={null} />);
  expect(text()).toMatch(/^Not released/);
  expect(screen.queryByRole('button')).toBeNull();
});
