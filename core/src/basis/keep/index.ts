export { keep, keepBy } from './keep.ts';
