/** Papers that a printer has. */
export const PAPERS = [
  { id: 'a4', name: 'A4' },
  { id: 'letter', name: 'Letter' },
] as const;
export type Paper = (typeof PAPERS)[number]['id'];
export const isPaper = (value: unknown): value is Paper => PAPERS.some(({ id }) => id === value);
