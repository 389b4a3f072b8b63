import { screen } from '@testing-library/react';
import { show } from '../../../test/panel.tsx';
import { ChipReader } from './ChipReader.tsx';

const PARENT = { id: 'aluminium-6xxx', group: 'aluminium' } as const;
const look = (name: RegExp) => screen.getByRole('button', { name });

test('one press on what the chips look like says where the drill is; from the wrong metal it leads to planning again', async () => {
  let again = 0;
  const { user } = show(
    <ChipReader drillIn={{ parent: PARENT, inside: 'part' }} onOtherwise={() => (again += 1)} onClose={() => {}} />,
  );
  expect(screen.queryByRole('alert')).toBeNull();
  await user.click(look(/^Soft bright curls/));
  expect(screen.getByRole('alert').textContent).toMatch(/^As it should be/);
  expect(screen.queryByRole('button', { name: /plan again/ })).toBeNull();
  await user.click(look(/^Long curls/));
  expect(screen.getByRole('alert').textContent).toMatch(/^StopThat looks like steel/);
  expect(look(/^Long curls/).getAttribute('aria-pressed')).toBe('true');
  await user.click(look(/plan again/));
  expect(again).toBe(1);
});

test('where a screw is drilled out the part’s chips say that the drill has left it', async () => {
  const { user } = show(<ChipReader drillIn={{ parent: PARENT, inside: 'screw' }} onClose={() => {}} />);
  await user.click(look(/^Soft bright curls/));
  expect(screen.getByRole('alert').textContent).toMatch(/the drill has left the screw/);
  expect(screen.queryByRole('button', { name: /plan again/ })).toBeNull();
});
