import fc from 'fast-check';

// The same holes are drawn each time, so that a run says something of the change and not of luck. `LAW_SEED=5 npx jest laws` draws others.
fc.configureGlobal({ seed: Number(process.env.LAW_SEED ?? 1) });
