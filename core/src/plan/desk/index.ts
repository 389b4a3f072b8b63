export { quickAnswer, type DrillCard, type QuickAnswer, type ThreadCard } from './quickAnswer.ts';
