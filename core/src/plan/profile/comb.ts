import { positive } from '../../basis/numeric/index.ts';
import { THREAD_FORMS, type Thread } from '../../facts/threads/index.ts';
import type { ProfilePoint } from './profiles.ts';

/** ISO 68-1: the crest of a screw is P/8 wide. Other round or flat forms are drawn with crest and root alike. */
const ISO_CREST_PER_PITCH = 1 / 8;

/**
 * Outline of a screw's thread to hold a bolt against: [along the axis, depth under the crest] in mm, starting in the middle
 * of a crest. Flanks stand at the form's angle; rounded crests are drawn flat.
 * @example combProfile(threadById('Tr16x4'), 8)[2] // [1.268, 2]
 */
export function combProfile(thread: Thread, lengthMm: number): ProfilePoint[] {
  const { pitchMm } = thread;
  const form = THREAD_FORMS[thread.form];
  const depthMm = (form.minorDropPerPitch * positive(pitchMm, 'pitch')) / 2;
  const runMm = depthMm * Math.tan((form.angleDeg * Math.PI) / 360);
  const flatsMm = Math.max(0, pitchMm - 2 * runMm);
  const crestMm = thread.form === 'iso-60' ? ISO_CREST_PER_PITCH * pitchMm : flatsMm / 2;
  const points: ProfilePoint[] = [[0, 0]];
  const turns = Math.floor(positive(lengthMm, 'length') / pitchMm + 1e-9);
  const round = (mm: number) => Math.round(mm * 1000) / 1000;
  for (let turn = 0; turn < turns; turn += 1) {
    const crestEnd = turn * pitchMm + crestMm / 2;
    const rootStart = crestEnd + runMm;
    const rootEnd = (turn + 1) * pitchMm - crestMm / 2 - runMm;
    points.push(
      [round(crestEnd), 0],
      [round(rootStart), round(depthMm)],
      [round(rootEnd), round(depthMm)],
      [round(rootEnd + runMm), 0],
    );
  }
  points.push([round(turns * pitchMm), 0]);
  return points;
}
