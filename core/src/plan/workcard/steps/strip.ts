import { WAYS } from '../../../facts/ways/index.ts';
import type { Behind, HoleCase } from '../../../judge/hole/index.ts';
import type { Route } from '../../routes/index.ts';
import { handTools, sayTools, type HandTool } from '../handTools.ts';
import { noNumber, type StepKind, type StepOf } from '../WorkStep.ts';

export type StripFacts = {
  /** What is really around: recorded edges, voids and neighbours, from the axis. */
  around: { name: string; mm: number }[];
  behind: Behind | null;
  behindName: string;
  through: boolean;
  cuts: boolean;
  sparkPlug: boolean;
  seals: boolean;
  near: HoleCase['work']['near'];
  nearHeat: boolean;
  magnesium: boolean;
  tools: HandTool[];
};

/** More than so many neighbours are not masked one by one: the nearest are named. */
const MOST_NAMED = 4;
/** The part's own edges take no chips. */
const PLAIN_EDGES: readonly string[] = ['edge', 'second edge', 'rim of the boss'];

export function stripSteps(hole: HoleCase, { method, cut }: Route): StepOf<'strip', StripFacts>[] {
  const { fills, elsewhere } = WAYS[method];
  if (elsewhere) return [];
  const through = hole.kind === 'through';
  const cuts = fills || cut.drillMm !== null || cut.tapLeads.length > 0;
  return [
    {
      kind: 'strip',
      id: 'strip',
      minutes: 10,
      facts: {
        around: hole.limits
          .filter(({ name }) => !PLAIN_EDGES.includes(name))
          .slice(0, MOST_NAMED)
          .map(({ name, mm }) => ({ name, mm })),
        behind: hole.behind,
        behindName: hole.floorName,
        through,
        cuts,
        sparkPlug: hole.joint.screwedIn === 'spark-plug',
        seals: hole.joint.sealing !== 'none',
        near: hole.work.near,
        nearHeat: hole.joint.nearHeat === 'near',
        magnesium: hole.parent.group === 'magnesium',
        tools: cuts
          ? handTools(hole.rules, 'vacuum', ...(through && hole.behind === 'closed' ? (['borescope'] as const) : []))
          : [],
      },
    },
  ];
}

/** What is done about what lies behind, where a chip or a tool's end can come there. */
function behindWords({ behind, behindName, through, cuts, sparkPlug }: StripFacts): string {
  if (!cuts) return '';
  if (sparkPlug)
    return 'Piston low, both valves shut: a rod through the hole gives the room, and neither tap nor setting tool may reach it. Grease on the flutes, vacuum, borescope afterwards.';
  if (behind === null) return 'Nobody looked what is behind it: look now, or feel with a rod, before any drill turns.';
  if (!through) return '';
  switch (behind) {
    case 'closed':
      return `It opens into a closed space (${behindName}): grease on the flutes, a rag behind the hole where a hand reaches, vacuum at hand, never air. Count what goes in and what comes out.`;
    case 'liquid':
      return `It opens into a liquid (${behindName}): let the level down below the hole first.`;
    case 'pressure':
      return 'There is pressure behind it: let it off, vent, and prove it dead before the screw is out.';
    case 'nothing':
      return 'Behind it is free air: see that nobody stands there, nor a hose or a wire hangs there.';
  }
}

export const strip: StepKind<StripFacts> = {
  title: ({ cuts }) => (cuts ? 'Strip down and mask' : 'Make it safe'),
  what: (facts, say) => {
    const { around, cuts, seals, near, nearHeat } = facts;
    const parts = ['Isolate and lock out. Take off what is in the way of hand, spindle and chips.'];
    if (cuts && around.length > 0)
      parts.push(
        `Near it, from the axis: ${around.map(({ name, mm }) => `${name} ${say.length(mm)}`).join(', ')}: mask what a chip may fall into.`,
      );
    if (cuts && around.length === 0) parts.push('Mask every opening that a chip may fall into.');
    const behind = behindWords(facts);
    if (behind !== '') parts.push(behind);
    if (cuts && seals) parts.push('Cover the seal face: a chip under it leaks.');
    if (near === 'food') parts.push('Food is near: cover it or take it away; only what may touch food is used.');
    if (near === 'brakes') parts.push('Brakes are near: mask discs, drums and pads.');
    if (nearHeat) parts.push('Let exhaust, brake or heater cool first.');
    return parts.join(' ');
  },
  number: noNumber,
  caution: ({ magnesium }) =>
    `Springs, weight and pressure are let go before anything is loosened. Look for hidden pipes, wires and closed tubes.${
      magnesium ? ' Magnesium chips burn: no water-based fluid, dry sand or a class D extinguisher at hand.' : ''
    }`,
  more: ({ tools }) => (tools.length > 0 ? { tools: sayTools(tools) } : {}),
};
