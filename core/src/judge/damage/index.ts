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
export { boreRadiusAt, type WornBore } from './ellipse.ts';
export { boreWords, judgeBore } from './judgeBore.ts';
