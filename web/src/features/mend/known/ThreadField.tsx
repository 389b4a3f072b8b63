import { explainThreadProblem, parseThread, threadById } from '@deep-mend/core';
import { lazy, memo, Suspense, useState } from 'react';
import { Row, type Choose } from './fields.tsx';

// The sheet is only fetched when nobody knows the thread.
const WhichDialog = lazy(() =>
  import('../../../answers/which/WhichDialog.tsx').then((m) => ({ default: m.WhichDialog })),
);

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
  const [text, setText] = useState<string | null>(null);
  const [asking, setAsking] = useState(false);
  const typed = text === null || text.trim() === '' ? null : parseThread(text);
  const problem = typed !== null && !typed.ok ? explainThreadProblem(typed.problem) : null;
  const commit = () => {
    if (!typed?.ok) return;
    if (typed.thread.id !== value) choose('threadId', typed.thread.id);
    setText(null);
  };
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
          data-draft={text !== null}
          aria-invalid={problem !== null}
          aria-describedby={problem ? 'thread-problem' : undefined}
          value={text ?? (value ? threadById(value).designation : '')}
          onChange={(event) => setText(event.target.value)}
          onFocus={(event) => event.target.select()}
          onBlur={commit}
          onKeyDown={(event) => {
            if (event.key === 'Enter') commit();
          }}
        />
      </div>
      {problem && (
        <p id="thread-problem" role="alert" className="known-problem">
          {problem}
        </p>
      )}
      {typed?.ok && <span className="known-unit">reads as {typed.thread.designation}</span>}
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
              setText(null);
              if (threadId !== value) choose('threadId', threadId);
            }}
          />
        </Suspense>
      )}
    </Row>
  );
});
