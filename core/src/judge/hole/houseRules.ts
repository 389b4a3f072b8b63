/** How the drill for a tap is chosen: where shops differ, each with its reason. */
export const TAP_DRILL_RULES = [
  {
    id: 'by-material',
    name: 'By material and depth',
    onChart: 'by material and depth (here: general work)',
    why: 'Default: 76 % in general, less where a tap would snap, more in short soft threads.',
  },
  {
    id: 'chart-75',
    name: 'The 75 % chart',
    onChart: 'the 75 % chart',
    why: 'Right when the whole shop works by one wall chart.',
  },
  {
    id: 'major-minus-pitch',
    name: 'Major minus pitch (77 %)',
    onChart: 'major minus pitch',
    why: 'Right when there is no chart at hand.',
  },
] as const;

/** How far the first turn of a coil sits under the face, in turns. */
export const COIL_SET_DOWNS = [
  { turns: 0.25, why: 'Right in thin metal.' },
  { turns: 0.5, why: 'Default: covers the first thread and leaves room for a chamfer.' },
  { turns: 0.75, why: 'Right where the face may be skimmed later.' },
] as const;

/** What the taps of a set are called, from the longest lead: one name means two taps in two regions. */
export const TAP_NAMINGS = [
  { id: 'taper-second-bottoming' },
  { id: 'taper-plug-bottoming' },
  { id: 'lead-threads' },
] as const;
