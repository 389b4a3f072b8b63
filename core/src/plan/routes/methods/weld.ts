import type { Verdict } from '../../../basis/checks/index.ts';
import { plainCheck } from '../checks/sharedChecks.ts';
import type { RouteMethod } from '../RouteContext.ts';
import { withoutThread } from './wholeHole.ts';

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

/** Weld the hole up and make it again: referred to a qualified welder. */
export const weld: RouteMethod = (context) => {
  const { verdict, because } = WELDABILITY[context.hole.parent.id]!;
  return [
    withoutThread(context, {
      id: 'weld',
      method: 'weld',
      title: 'Weld up and re-drill',
      checks: [
        plainCheck(
          'weldability',
          'Can be welded',
          verdict,
          because,
          verdict === 'with-care'
            ? { id: 'refer', step: 'Have a qualified welder do it to a procedure; then drill and tap as new.' }
            : undefined,
        ),
      ],
      notes: ['referred: the welder’s procedure and local codes go first; everything around it gets hot'],
    }),
  ];
};
