// Our one way to remember. A thread, a rack and a hole's drafts are immutable records, asked the same thing hundreds of
// times in one proposal and again with the next keystroke. What was made for a record is kept beside that record and goes
// when it goes, so nothing is ever out of date and a caller may make any number of custom threads and racks.

/**
 * `make`, remembered for each owner.
 * @example keep((rack) => rack.missingIds.length)({ missingIds: ['Q'] }) // 1
 */
export function keep<Owner extends object, Made>(make: (owner: Owner) => Made): (owner: Owner) => Made {
  const beside = new WeakMap<Owner, Made>();
  return (owner) => {
    const known = beside.get(owner);
    if (known !== undefined || beside.has(owner)) return known as Made;
    const made = make(owner);
    beside.set(owner, made);
    return made;
  };
}

/** One owner keeps at most so many answers (2 000 are under 1 MB); what comes after is made anew each time. */
const MOST_FOR_ONE_OWNER = 2000;

/**
 * `make`, remembered for each owner and whatever else its answer hangs on, which `keyOf` must spell out in full.
 * @example keepBy((times) => times, (rack, times) => rack.n * times)({ n: 3 }, 2) // 6
 */
export function keepBy<Owner extends object, Question, Made>(
  keyOf: (question: Question) => string | number,
  make: (owner: Owner, question: Question) => Made,
): (owner: Owner, question: Question) => Made {
  const beside = keep((_owner: Owner) => new Map<string | number, Made>());
  return (owner, question) => {
    const answers = beside(owner);
    const key = keyOf(question);
    const known = answers.get(key);
    if (known !== undefined || answers.has(key)) return known as Made;
    const made = make(owner, question);
    if (answers.size < MOST_FOR_ONE_OWNER) answers.set(key, made);
    return made;
  };
}
