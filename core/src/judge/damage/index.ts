export {
  assess,
  assumedWords,
  soundFacts,
  soundWorking,
  type Assessment,
  type Assumed,
  type Found,
  type SoundFacts,
} from './assess.ts';
export { boreRadiusAt, cleanUpRoundAxisMm, type WornBore } from './ellipse.ts';
export { boreWords, judgeBore, type BoreJudgement } from './judgeBore.ts';
