import type { BenchInstrumentKind } from '../../judge/hole/index.ts';

/** How a proof is answered. */
export const PROOF_ANSWERS = ['length', 'turns', 'torque', 'load', 'pass-fail'] as const;

/** What one way of proving is: how it is answered, what reads it, and what it cannot show. */
export interface ProofKind {
  answer: (typeof PROOF_ANSWERS)[number];
  by: readonly BenchInstrumentKind[];
  /** Printed beside it: a proof is taken for more than it shows. */
  cannotShow: string;
}

const length = (cannotShow: string, ...by: BenchInstrumentKind[]): ProofKind => ({ answer: 'length', by, cannotShow });
const passFail = (cannotShow: string): ProofKind => ({ answer: 'pass-fail', by: [], cannotShow });

/** Every way of proving a mend. To add one: a row here, and where it is wanted in `expectationsOf`. */
const KINDS = {
  bore: length('Two readings show neither taper nor lean: near the mouth and near the end, two ways each.', 'caliper'),
  'inner-bore': length('As the outer one; what was bored for the plug is hidden by now.', 'caliper'),
  'full-thread': length('A rod stops on a chip as on the end: clean first.', 'depth-gauge', 'caliper'),
  gauge: passFail('Go shows that it is not too small; how large it is, only no-go and the bore show.'),
  'no-go': {
    answer: 'turns',
    by: [],
    cannotShow: 'It feels the first turns only: a bore too large further down does not show.',
  } as ProofKind,
  screw: passFail('It shows only that the thread is not too small: one with 45 % of its depth takes a good screw too.'),
  square: passFail('By eye, to about 1°.'),
  lean: length('Of the pin and its fit too: turn it half round and read again.', 'dial-indicator', 'caliper'),
  'head-gap': length('Face and thread together: a burr or a bent screw looks like a lean.'),
  'set-down': length('Not that the coil sits in thread over its whole length.', 'depth-gauge', 'dial-indicator'),
  'chamber-end': passFail('By mirror or borescope; carbon baked on it looks like metal.'),
  tang: passFail('Counted is out. What was not found is still in there.'),
  'turns-out': passFail('By hand only: what turns under torque shows under torque.'),
  keys: passFail('Flush keys do not show that they went into sound metal.'),
  cured: passFail('The clock shows that it had its time, not that it took: try what was left over.'),
  seat: passFail('By eye and finger nail; that it is tight shows only under pressure.'),
  leak: passFail('At the pressure and in the time that it was tried, and no more.'),
  torque: {
    answer: 'torque',
    by: ['torque-wrench'],
    cannotShow: 'It held once, cold: not fatigue, not heat, not how often it will be undone.',
  } as ProofKind,
  pull: {
    answer: 'load',
    by: [],
    cannotShow:
      'It held once, cold, along its axis. Feet of a puller close to the hole hold down the metal that it should pull on.',
  } as ProofKind,
  retorque: passFail('One heat. It may settle again.'),
  'proof-load': passFail('It held once.'),
} as const;

export type ProofId = keyof typeof KINDS;
export const PROOF_KINDS: Readonly<Record<ProofId, ProofKind>> = KINDS;
export const EXPECTATION_IDS = Object.keys(KINDS) as [ProofId, ...ProofId[]];

/**
 * Needs that several ways of proving meet: each list is one way, all of it. A gauge is go and no-go; a good screw is another
 * check, and shows less.
 */
export const PROOF_NEEDS = {
  thread: [['gauge', 'no-go'], ['screw']],
  square: [['square'], ['lean'], ['head-gap']],
} as const satisfies Record<string, readonly (readonly ProofId[])[]>;
export type ProofNeed = keyof typeof PROOF_NEEDS;
/** Every need that a row may name: by itself, as one of several ways, or none that anybody waits for. */
export const ROW_NEEDS = ['must', ...(Object.keys(PROOF_NEEDS) as ProofNeed[]), 'if-can'] as const;
