import Typography from '@mui/material/Typography';
import { explainLengthProblem, explainThreadProblem, type QuickAnswer, type UnitSystem } from '@deep-mend/core';
import { DrillComparisonView, ThreadComparisonView } from './ComparisonView.tsx';
import { DrillCardView } from './DrillCardView.tsx';
import { FiguresView } from './FiguresView.tsx';
import { ThreadCardView } from './ThreadCardView.tsx';

/** The answer of the quick line, as a card. */
export function QuickCard({ answer, units }: { answer: QuickAnswer; units: UnitSystem }) {
  switch (answer.kind) {
    case 'thread':
      return <ThreadCardView card={answer} units={units} />;
    case 'drill':
      return <DrillCardView card={answer} units={units} />;
    case 'figures':
      return <FiguresView card={answer} units={units} />;
    case 'compare-threads':
      return <ThreadComparisonView card={answer} units={units} />;
    case 'compare-drills':
      return <DrillComparisonView card={answer} units={units} />;
    case 'incomplete':
      return <Typography role="status">{answer.because}</Typography>;
    case 'not-understood':
      return (
        <Typography role="status">
          {answer.threadProblem.code === 'not-a-thread'
            ? explainLengthProblem(answer.lengthProblem)
            : explainThreadProblem(answer.threadProblem)}{' '}
          Threads: M8, 3/8-16, M12x1.5 LH, 1/4 BSW. Drills: 27/64, #7, Q, 8.5. Also: coil M8, M8 vs 5/16-18, depth 17
          M8, speed 8.5 in 316, torque M8 8.8.
        </Typography>
      );
    case 'nothing':
      return null;
  }
}
