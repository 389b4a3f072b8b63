export { quickAnswer, QUICK_EXAMPLES, type QuickAnswer } from './quickAnswer.ts';
export type { AnswerShop } from './AnswerShop.ts';
export type { ThreadCard } from './threadCard.ts';
export type { DrillCard } from './drillCard.ts';
export type { AnswerFigure, FiguresCard } from './FiguresCard.ts';
export type { DrillComparison, ThreadComparison } from './compare.ts';
export {
  CHART_SHEETS,
  drillChart,
  threadChart,
  type ChartSheetId,
  type DrillChartRow,
  type ThreadChartRow,
} from './chart.ts';
