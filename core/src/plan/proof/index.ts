export type { Expectation } from './Expectation.ts';
export { expectationsOf } from './expectationsOf.ts';
export { EXPECTATION_IDS, PROOF_ANSWERS, PROOF_KINDS, PROOF_NEEDS, ROW_NEEDS, type ProofId } from './proofKinds.ts';
