import type { UnitSystem } from '@deep-mend/core';
import type { Sheet } from '../DisplayList.ts';
import type { PlateLayout } from './plateLayout.ts';
import { ruleLayers } from './ruleSheet.ts';
import { sectionLayers } from './sectionSheet.ts';

/** The section with its depth rule. The ladder under it is a sheet of its own. */
export const plateSheet = (layout: PlateLayout, units: UnitSystem): Sheet => ({
  width: layout.width,
  height: layout.height,
  layers: [...sectionLayers(layout), ...ruleLayers(layout, units)],
});
