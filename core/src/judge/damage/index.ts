export { assess, type Assessment } from './assess.ts';
export { boreRadiusAt, cleanUpRoundAxisMm, type WornBore } from './ellipse.ts';
export { judgeBore, type BoreJudgement } from './judgeBore.ts';
