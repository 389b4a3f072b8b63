import { screen } from '@testing-library/react';
import type { UnitSystem } from '@deep-mend/core';
import { SETTINGS, show } from '../../../test/panel.tsx';
import { ChartsPage } from './ChartsPage.tsx';

const charts = (sheet: string, units: UnitSystem = 'mm', settings = SETTINGS) =>
  show(<ChartsPage />, units, { at: `/desk/charts?sheet=${sheet}`, path: '/desk/charts', shop: { settings } });
const row = (name: string) =>
  [...screen.getByRole('rowheader', { name }).closest('tr')!.cells].map((cell) => cell.textContent);

test('a chart says whose it is and by which rule, and its drills are the rack’s', () => {
  const { text } = charts('metric-coarse');
  expect(text()).toContain('Boatyard. Tap drill: by material and depth (here: general work)');
  expect(row('M8 × 1.25').slice(0, 3)).toEqual(['M8 × 1.25', '6.8 mm', '73.9 %']);
});

test('what is missing in the rack is not on the chart, and another rule is another chart', () => {
  charts('metric-coarse', 'mm', { ...SETTINGS, missingDrills: ['6.8 mm'] });
  expect(row('M8 × 1.25')[1]).not.toBe('6.8 mm');
});

test('the rule of the house is said on the chart', () => {
  const { text } = charts('metric-coarse', 'mm', { ...SETTINGS, rules: { ...SETTINGS.rules, tapDrill: 'chart-75' } });
  expect(text()).toContain('Tap drill: the 75 % chart');
});

test('in inches the limits are to a tenth of a thou', () => {
  charts('metric-coarse', 'in');
  expect(row('M8 × 1.25')[3]).toBe('0.2617 to 0.2721');
});

test('another sheet is chosen by hand; the drills are listed with what they tap', async () => {
  const { user } = charts('metric-coarse');
  await user.click(screen.getByLabelText('Sheet'));
  await user.click(screen.getByRole('option', { name: 'Drills in the rack' }));
  expect(row('6.8 mm')[2]).toContain('M8 × 1.25');
});
