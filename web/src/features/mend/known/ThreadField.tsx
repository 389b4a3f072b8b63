import { explainThreadProblem, parseThread, threadById, type Thread } from '@deep-mend/core';
import { lazy, memo, Suspense, useState } from 'react';
import { useShop } from '../../../base/ShopContext.tsx';
import { useTyped, type Read } from '../../../base/useTyped.ts';
import { useChoiceKey } from '../useDrafts.ts';
import { Row, type Choose } from './fields.tsx';

// The sheet is only fetched when nobody knows the thread.
const WhichDialog = lazy(() =>
  import('../../../answers/which/WhichDialog.tsx').then((m) => ({ default: m.WhichDialog })),
);

/** An emptied field says nothing: a hole that had a thread keeps it. */
function readThread(text: string): Read<Thread | null> {
  if (text.trim() === '') return { value: null };
  const read = parseThread(text);
  return read.ok ? { value: read.thread } : { problem: explainThreadProblem(read.problem) };
}

/** The thread as made: typed, or found out. */
export const ThreadField = memo(function ThreadField({
  value,
  disabled,
  choose,
}: {
  value: string | undefined;
  disabled: boolean;
  choose: Choose;
}) {
  const { units } = useShop();
  const [asking, setAsking] = useState(false);
  const take = (thread: Thread | null) => {
    if (thread && thread.id !== value) choose('threadId', thread.id);
  };
  const typed = useTyped({
    shown: value ? threadById(value).designation : '',
    units,
    parse: readThread,
    commit: take,
    keepAs: useChoiceKey('threadId'),
    shut: disabled,
  });
  const { problem } = typed;
  const read = typed.read && 'value' in typed.read ? typed.read.value : null;
  return (
    <Row label="Thread as made" labelFor="thread">
      <div className="known-value">
        <input
          id="thread"
          className="known-input"
          placeholder="M8, 3/8-16 …"
          disabled={disabled}
          autoComplete="off"
          spellCheck={false}
          data-draft={typed.drafted}
          aria-invalid={problem !== null}
          aria-describedby={problem ? 'thread-problem' : undefined}
          value={typed.text}
          onFocus={(event) => event.target.select()}
          {...typed.on}
        />
      </div>
      {problem && (
        <p id="thread-problem" role="alert" className="known-problem">
          {problem}
        </p>
      )}
      {read && <span className="known-unit">reads as {read.designation}</span>}
      {!disabled && (
        <button type="button" id="which-thread" className="plain-button known-doubt" onClick={() => setAsking(true)}>
          which thread is it?
        </button>
      )}
      {asking && (
        <Suspense>
          <WhichDialog
            onClose={() => setAsking(false)}
            onPick={(threadId) => {
              setAsking(false);
              typed.forget();
              take(threadById(threadId));
            }}
          />
        </Suspense>
      )}
    </Row>
  );
});
