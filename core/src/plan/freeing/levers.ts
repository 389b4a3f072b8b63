import { HOLDS, STARTS, type HoleChoices } from '../../judge/hole/index.ts';
import { USUAL_PROJECTION_MM, type CoreDrilling } from './harmInput.ts';

/** One change of the set-up, to see what it would buy. */
export interface Lever {
  id: string;
  name: string;
  drilling: CoreDrilling;
}

/**
 * What could be done better than now: a bush, a bench drill, both, a located mill, half the projection. Only those that change
 * something; a measured offset leaves nothing for a better start to buy, and what is worked on in place goes on no machine.
 * @example leversOf({ start: 'punched', hold: 'freehand' }).map((row) => row.id) // ['bush', 'bench', 'bush-bench', 'mill', 'short']
 */
export function leversOf(now: CoreDrilling, access: HoleChoices['access'] = 'bench'): Lever[] {
  const machine = access === 'bench';
  const sigmaStart = STARTS.find((row) => row.id === now.start)!.sigmaMm;
  const sigmaHold = HOLDS.find((row) => row.id === now.hold)!.sigmaDeg;
  const better = {
    start: now.measuredOffset ? false : sigmaStart > STARTS.find((row) => row.id === 'bush')!.sigmaMm,
    bench: machine && sigmaHold > HOLDS.find((row) => row.id === 'bench-drill')!.sigmaDeg,
    mill: machine && sigmaHold > HOLDS.find((row) => row.id === 'mill')!.sigmaDeg,
  };
  const rows: (Lever & { helps: boolean })[] = [
    { id: 'bush', name: 'a guide bush', drilling: { ...now, start: 'bush' }, helps: better.start },
    { id: 'bench', name: 'a bench drill', drilling: { ...now, hold: 'bench-drill' }, helps: better.bench },
    {
      id: 'guide',
      name: 'a guide block',
      drilling: { ...now, hold: 'guide' },
      helps: !machine && sigmaHold > HOLDS.find((row) => row.id === 'guide')!.sigmaDeg,
    },
    {
      id: 'bush-bench',
      name: 'both',
      drilling: { ...now, start: 'bush', hold: 'bench-drill' },
      helps: better.start && better.bench,
    },
    {
      id: 'mill',
      name: 'a located mill',
      drilling: { ...now, start: 'true-centre', hold: 'mill' },
      helps: better.mill,
    },
    {
      id: 'short',
      name: 'half the projection',
      drilling: { ...now, projectionMm: (now.projectionMm ?? USUAL_PROJECTION_MM) / 2 },
      helps: true,
    },
  ];
  return rows.filter((row) => row.helps).map(({ id, name, drilling }) => ({ id, name, drilling }));
}
