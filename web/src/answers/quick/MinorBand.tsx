import { bandSize, minorBand, type MinorBandInput } from '@deep-mend/drawing';
import { PaintChart } from '../../paint/Paint.tsx';
import { ON_PAGE } from '../../paint/PaintShape.tsx';

/** The class's limits of the bored minor as a band, with the drill and the bore that it is expected to leave marked on it. */
export function MinorBand({ tolerance, ...input }: MinorBandInput & { tolerance: string }) {
  const { minorMinMm, minorMaxMm, drill, expectedMm, units } = input;
  const sheet = minorBand(input);
  const size = (mm: number) => bandSize(mm, units);
  return (
    <PaintChart
      sheet={sheet}
      label={`Limits of the bored minor, ${tolerance}: ${size(minorMinMm)} to ${size(minorMaxMm)} ${units}; the drill ${drill.id}, expected bore ${size(expectedMm)}`}
      colours={ON_PAGE}
      look={{ width: '100%', maxWidth: sheet.width, display: 'block' }}
    />
  );
}
