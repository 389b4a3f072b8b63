export { tapTurns, writeWorkCard, type WorkStep } from './writeWorkCard.ts';
