import type { CardQuery } from '@deep-mend/contract';
import {
  formatLength,
  minutesOf,
  foldHole,
  openMendOf,
  placeWords,
  PRECISION,
  readStored,
  plannedCase,
  type FrozenPlan,
} from '@deep-mend/core';
import { cardPages, type CardInput } from '@deep-mend/drawing';
import { measure } from '../../files/pdf/letters.ts';
import { pdfOf } from '../../files/pdf/pdfOf.ts';
import type { Context } from '../Context.ts';
import { readHole } from '../holes/readHole.ts';
import { notFound } from '../Refusal.ts';
import { readShop } from '../shop/settings.ts';
import { qrOf } from './qrOf.ts';

/** What is told of the hole in one line under its name. */
function underOf(plan: FrozenPlan, section: CardInput['section'], by: string, at: string, units: 'mm' | 'in'): string {
  const day = at.slice(0, 10);
  const planned = `planned ${day} by ${by}`;
  if (!section) return `${planned}; planned by an engine that is no longer at hand: no drawing`;
  const { parent, kind, depth, behind, floorName } = section.hole;
  const length = formatLength(depth.mm, units, PRECISION.depth[units]);
  const ends = kind === 'blind' ? `blind, ${length} ${units} to the shoulder` : `through ${length} ${units}`;
  const beyond = behind === null ? 'not looked behind' : behind === 'nothing' ? '' : `behind it: ${floorName}`;
  const minutes = minutesOf(plan.steps);
  const takes = minutes > 0 ? `about ${minutes} min at work` : '';
  return [planned, parent.name.toLowerCase(), ends, beyond, takes].filter(Boolean).join(' · ');
}

/** The card of a mend's plan as it was frozen, as a PDF. */
export async function printCard(context: Context, holeId: string, query: CardQuery): Promise<Uint8Array> {
  const detail = await readHole(context, holeId);
  const file = foldHole(detail.events);
  const mend =
    query.mend === undefined ? (openMendOf(file) ?? file.mends.at(-1)) : file.mends.find(({ id }) => id === query.mend);
  if (!mend?.plan || mend.planId === null) throw notFound('plan');
  const { plan, planId } = mend;
  const stored = detail.events.find((event) => {
    const body = readStored(event);
    return body.kind === 'plan-frozen' && body.payload.planId === planId;
  });
  const body = stored && readStored(stored);
  if (!stored || body?.kind !== 'plan-frozen') throw notFound('plan');
  const units = query.units ?? (await readShop(context)).settings.units;
  const section = plannedCase(plan, body.payload.inputs);
  const heading = placeWords(detail.place, file.name);
  const sheets = cardPages(
    {
      paper: query.paper,
      units,
      plan,
      planId,
      heading,
      under: underOf(plan, section, stored.actor, stored.happenedAt, units),
      shortCode: detail.code,
      qr: qrOf(context.publicUrl, `/mend/${holeId}/prepare`),
      section,
    },
    measure,
  );
  return pdfOf(sheets, { title: `${heading}: ${plan.title}`, made: context.now() });
}
