import { quickAnswer, type AnswerShop } from '@deep-mend/core';
import { isAnswered } from './isAnswered.ts';
import { QuickCard } from './QuickCard.tsx';
import { Suggestions } from './Suggestions.tsx';

/** What the quick line answers, and what may be asked next. Fetched when somebody asks: most pages are read, not asked. */
export function LineAnswer({
  text,
  shop,
  onAsk,
}: {
  text: string;
  shop: AnswerShop;
  onAsk: (question: string) => void;
}) {
  const answer = quickAnswer(text, shop);
  return (
    <>
      <QuickCard answer={answer} units={shop.units} />
      <Suggestions text={text} answered={isAnswered(answer)} onAsk={onAsk} />
    </>
  );
}
