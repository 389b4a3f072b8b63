import { STATEMENT, type CheckKind, type CheckOf, type Verdict } from '../../../basis/checks/index.ts';
import type { ParentMaterial } from '../../../facts/materials/index.ts';

/** What welding does to each parent, and whether it is thinkable at all. */
const WELDABILITY: Readonly<Record<string, { verdict: Verdict; because: string }>> = {
  'mild-steel': { verdict: 'with-care', because: 'welds well; it warps and hardens at the rim' },
  'cast-steel': { verdict: 'with-care', because: 'welds with preheat' },
  'medium-carbon-steel': {
    verdict: 'with-care',
    because: 'welds with preheat and slow cooling; it hardens beside the bead',
  },
  'alloy-steel': { verdict: 'with-care', because: 'welds only by procedure: preheat, and its temper is lost there' },
  'austenitic-stainless': { verdict: 'with-care', because: 'welds well; it warps' },
  'grey-iron': { verdict: 'with-care', because: 'cracks beside the bead unless it is heated whole and cooled slowly' },
  'ductile-iron': { verdict: 'with-care', because: 'as grey iron: heated whole and cooled slowly' },
  'aluminium-sand-cast': {
    verdict: 'with-care',
    because: 'welds once it is clean of oil; pores show in the new thread',
  },
  'aluminium-cast-heat-treated': {
    verdict: 'with-care',
    because: 'welds, but its heat treatment is lost around the bead',
  },
  'aluminium-6xxx': { verdict: 'with-care', because: 'welds, but loses up to half its strength around the bead' },
  bronze: { verdict: 'with-care', because: 'brazes or welds with care' },
  'aluminium-die-cast': { verdict: 'does-not-hold', because: 'die castings hold gas and blow when welded' },
  'aluminium-7xxx': { verdict: 'does-not-hold', because: 'cracks when welded' },
  'magnesium-cast': { verdict: 'does-not-hold', because: 'burns: only by a specialist, not here' },
  'zinc-die-cast': { verdict: 'does-not-hold', because: 'melts and fumes: not weldable' },
  brass: { verdict: 'does-not-hold', because: 'zinc fumes: braze only, which is no thread' },
  'engineering-plastic': { verdict: 'does-not-hold', because: 'not for a thread' },
};

export type WeldabilityFacts = { parentId: string };

/** Can the parent be welded, and what does that do to it? */
export function judgeWeldability({ id }: ParentMaterial): CheckOf<'weldability', WeldabilityFacts> {
  const { verdict } = WELDABILITY[id]!;
  return {
    ...STATEMENT,
    kind: 'weldability',
    id: 'weldability',
    verdict,
    facts: { parentId: id },
    ...(verdict === 'with-care' ? { remedy: 'refer' } : {}),
  };
}

export const weldability: CheckKind<WeldabilityFacts> = {
  title: () => 'Can be welded',
  words: ({ parentId }) => WELDABILITY[parentId]!.because,
  working: null,
  step: () => 'Have a qualified welder do it to a procedure; then drill and tap as new.',
};
