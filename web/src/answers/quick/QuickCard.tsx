import Typography from '@mui/material/Typography';
import {
  explainLengthProblem,
  explainThreadProblem,
  type HeardAnswer,
  type QuickAnswer,
  type UnitSystem,
} from '@deep-mend/core';
import { DrillComparisonView, ThreadComparisonView } from './ComparisonView.tsx';
import { DrillCardView } from './DrillCardView.tsx';
import { FiguresView } from './FiguresView.tsx';
import { ThreadCardView } from './ThreadCardView.tsx';

/** The answer of the quick line, as a card; what was not understood or made no difference stands above it. */
export function QuickCard({ answer, units }: { answer: HeardAnswer; units: UnitSystem }) {
  const { unread, unused } = answer;
  return (
    <>
      {unread.length > 0 && answer.kind !== 'not-understood' && (
        <Typography role="status" sx={{ color: 'warning.main', mb: 1 }}>
          Not understood: {unread.join(', ')}.
        </Typography>
      )}
      {unused.length > 0 && (
        <Typography sx={{ color: 'text.secondary', fontSize: 14, mb: 1 }}>
          Makes no difference here: {unused.join(', ')}.
        </Typography>
      )}
      <Answer answer={answer} units={units} />
    </>
  );
}

function Answer({ answer, units }: { answer: QuickAnswer; units: UnitSystem }) {
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
            : explainThreadProblem(answer.threadProblem)}
        </Typography>
      );
    case 'nothing':
      return null;
  }
}
