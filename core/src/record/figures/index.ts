export { ENOUGH_RECORDS, ownFigures, type OwnFigure } from './ownFigures.ts';
