export { assess, type Assessment } from './assess.ts';
export { judgeBore, type BoreJudgement } from './judgeBore.ts';
