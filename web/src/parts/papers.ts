import { PAPERS as SIZES, type PaperId } from '@deep-mend/drawing';

/** Papers that a printer has. */
export const PAPERS = (Object.keys(SIZES) as PaperId[]).map((id) => ({ id, name: SIZES[id].name }));
export const isPaper = (value: unknown): value is PaperId => PAPERS.some(({ id }) => id === value);
