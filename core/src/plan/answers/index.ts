export { quickAnswer } from './quickAnswer.ts';
export type { HeardAnswer, QuickAnswer } from './Answer.ts';
export { QUICK_EXAMPLES, suggestQuestions } from './line/suggest.ts';
export type { AnswerShop } from './AnswerShop.ts';
export type { ThreadCard } from './cards/threadCard.ts';
export type { DrillCard } from './cards/drillCard.ts';
export type { AnswerFigure, FiguresCard } from './FiguresCard.ts';
export type { DrillComparison, ThreadComparison } from './cards/compare.ts';
export {
  CHART_SHEETS,
  drillChart,
  threadChart,
  type ChartSheetId,
  type DrillChartRow,
  type ThreadChartRow,
} from './chart.ts';
