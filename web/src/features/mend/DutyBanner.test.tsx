import { fileWith, show } from '../../../test/panel.tsx';
import { DutyBanner } from './DutyBanner.tsx';

test.each([
  ['nothing much', {}, ''],
  ['someone can be hurt', { duty: 'can-hurt' }, /Someone can be hurt.*released it.*sound part goes first/],
  ['under a code', { duty: 'under-code', codeName: 'lifting rules' }, /Under a code: lifting rules\./],
  ['do not use', { doNotUse: true }, /Do not use this hole/],
] as const)('%s: said from the moment it is chosen', (_, choices, said) => {
  expect(show(<DutyBanner file={fileWith(choices)} />).text()).toMatch(said);
});

test('released, it says by whom, with what and when, and that two sign', () => {
  const release = { role: 'maker', by: 'A. Maker', reference: 'L-17', date: '2026-01-02', allows: 'a coil' } as const;
  const { text } = show(<DutyBanner file={fileWith({ duty: 'can-hurt' }, { release })} />);
  expect(text()).toBe('Released as named by A. Maker, L-17, 2026-01-02. Two sign when it is done.');
});
