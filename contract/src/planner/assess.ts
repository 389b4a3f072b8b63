import { EXAMPLE_HOLE, Hole } from './hole.ts';

export const assess = {
  summary: 'what the readings say about a hole: sound thread, clean-up diameter round both axes, wall',
  input: Hole,
  example: EXAMPLE_HOLE,
} as const;
