import { screen } from '@testing-library/react';
import { show } from '../../../test/panel.tsx';
import { DeskPage } from './DeskPage.tsx';

const field = () => screen.getByLabelText('A thread, a drill or a question') as HTMLInputElement;

test('the question stands in the address: opened with it, it is answered', () => {
  const { text } = show(<DeskPage />, 'mm', { at: '/desk?ask=M8', path: '/desk' });
  expect(field().value).toBe('M8');
  expect(text()).toContain('Tap drill6.8 mm →');
});

test('an empty desk says what it answers; what is tapped is asked, and the hand stays in the field', async () => {
  const { user, text } = show(<DeskPage />, 'mm', { at: '/desk', path: '/desk' });
  expect(text()).toContain('Nothing is recorded here');
  const [first] = screen.getAllByRole('button', { name: /M8|M6|coil/ });
  await user.click(first!);
  expect(field().value).toBe(first!.textContent);
  expect(document.activeElement).toBe(field());
});

test('a thread that was found is shown as its card', async () => {
  const { user, text } = show(<DeskPage />, 'mm', { at: '/desk', path: '/desk' });
  await user.type(screen.getByLabelText('Across the screw’s crests, mm'), '9.45');
  await user.type(screen.getByLabelText('or threads per inch'), '16');
  await user.click(screen.getByRole('button', { name: '3/8-16 UNC' }));
  expect(field().value).toBe('3/8-16');
  expect(text()).toContain('Tap drill');
});
