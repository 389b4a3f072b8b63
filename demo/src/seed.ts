import { NewEvent, type HoleWritten } from '@deep-mend/contract';
import {
  foldHole,
  ORDINARY,
  inputsOf,
  parseLength,
  quantityRow,
  INSTRUMENTS,
  routeDigest,
  shopRulesOf,
  weigh,
  WAYS,
  type Expectation,
  type QuantityId,
} from '@deep-mend/core';
import {
  addAsset,
  addFace,
  addHole,
  appendEvent,
  freezePlan,
  listActors,
  listAssets,
  openShop,
  readShop,
  saveShop,
  type Context,
  type Tx,
} from '@deep-mend/server';
import { v7 } from 'uuid';
import { ASSETS, SHED, SHOP_NAME, type DemoAsset, type DemoFace, type DemoMend } from './scenario/index.ts';

/**
 * Loads the made-up shop into a database, through the same use cases as a person's work, each entry at the time that it tells
 * of and marked as the demo's. Does nothing when the shop has assets already.
 */

const shop = await openShop(process.argv[2]!, 'demo');
const actors = await shop.use(null, new Date(), listActors);
const { settings } = await shop.use(null, new Date(), readShop);

const actorId = (name: string) => actors.find((actor) => actor.name === name)!.id;

/** A hole while its events are added one after the other, a few minutes apart. */
class Story {
  readonly id: string;
  private revision: number;
  private readonly events: HoleWritten['events'];
  private at: number;
  by: DemoMend['by'] = 'Mechanic A';

  constructor(made: HoleWritten, daysAgo: number) {
    this.id = made.id;
    this.revision = made.revision;
    this.events = made.events;
    this.at = Date.now() - daysAgo * 86_400_000;
  }

  startAt(daysAgo: number): void {
    this.at = Date.now() - daysAgo * 86_400_000;
  }

  /** When it will be so many hours later, ISO, UTC. */
  inHours(hours: number): string {
    return new Date(this.at + hours * 3_600_000).toISOString();
  }

  wait(hours: number): void {
    this.at += hours * 3_600_000;
  }

  private next() {
    this.at = Math.min(this.at + 4 * 60_000, Date.now());
    return { at: new Date(this.at), happenedAt: new Date(this.at).toISOString() };
  }

  async append(kind: string, payload: object): Promise<void> {
    const { at, happenedAt } = this.next();
    // The scenario writes down what a client would send: the same parser reads it.
    const event = NewEvent.parse({ id: v7(), kind, payload, happenedAt });
    this.take(
      await shop.write(actorId(this.by), at, (context, tx) => appendEvent(context, this.id, event, this.revision, tx)),
    );
  }

  private take({ revision, events }: HoleWritten): void {
    this.revision = revision;
    this.events.push(...events);
  }

  get file() {
    return foldHole(this.events);
  }

  /** Freezes the first route that stands and returns its plan's id and what it expects. */
  async plan(mendId: string): Promise<{ planId: string; expectations: Expectation[] }> {
    const weighed = weigh(inputsOf(this.file), shopRulesOf(settings));
    if (!weighed.ok) throw new Error(`demo hole lacks ${weighed.missing.join()}`);
    // What is mended here: a part that is replaced makes no card.
    const route = weighed.proposal.routes.find(({ method }) => !WAYS[method].elsewhere)!;
    const { at, happenedAt } = this.next();
    const planId = v7();
    const body = { id: planId, mendId, routeId: route.id, digest: routeDigest(route), happenedAt };
    this.take(
      await shop.write(actorId(this.by), at, (context, tx) => freezePlan(context, this.id, body, this.revision, tx)),
    );
    return { planId, expectations: this.file.mends.at(-1)!.plan!.expectations };
  }
}

async function readings(story: Story, rows: DemoMend['readings']): Promise<void> {
  for (const [quantity, text] of Object.entries(rows) as [QuantityId, string][]) {
    const parsed = parseLength(text, { bareUnit: 'mm' });
    if (!parsed.ok) throw new Error(`demo reading ${text}`);
    const { usual } = quantityRow(quantity);
    const { halfWidthMm } = INSTRUMENTS.find((row) => row.id === usual)!;
    await story.append('reading', {
      quantity,
      text: parsed.length.text,
      notation: parsed.length.notation,
      mm: parsed.length.mm,
      halfWidthMm,
      instrument: usual,
    });
  }
}

/** What a careful hand finds: the middle of what was expected. */
function found(expectation: Expectation): object {
  if (expectation.kind === 'pass-fail') return { id: expectation.id, passed: true };
  if (expectation.kind === 'turns') return { id: expectation.id, turns: 0.5 };
  if (expectation.kind === 'torque') return { id: expectation.id, nm: Math.ceil(expectation.leastNm ?? 0) };
  if (expectation.kind === 'load') return { id: expectation.id, n: expectation.leastN ?? 0 };
  const low = expectation.lowMm ?? 0;
  const mm = expectation.highMm === null ? low + 0.4 : (low + expectation.highMm) / 2;
  return { id: expectation.id, mm: Number(mm.toFixed(2)) };
}

/** Endings of which a plan was made. */
const PLANNED: readonly DemoMend['ending'][] = ['prepare', 'prove', 'mended'];

async function tell(story: Story, mend: DemoMend, mendId: string): Promise<void> {
  story.by = mend.by;
  // What came as far as a plan was looked at first, as an ordinary hole is.
  const seen = PLANNED.includes(mend.ending) ? ORDINARY : {};
  for (const [field, value] of Object.entries({ ...seen, ...mend.choices }))
    await story.append('choice', { field, value });
  await readings(story, mend.readings);
  if (mend.ending === 'measure' || mend.ending === 'decide') return;
  const close = (outcome: string, secondSignedBy: string | null) =>
    story.append('mend-closed', { mendId, outcome, note: '', secondSignedBy });
  if (mend.ending === 'sent-out' || mend.ending === 'given-up') return close(mend.ending, null);
  const { planId, expectations } = await story.plan(mendId);
  const { ticks } = story.file.mends.at(-1)!.plan!;
  if (ticks.length > 0 && mend.ending !== 'prepare') await story.append('looked', { mendId, planId, ticks });
  if (mend.release) await story.append('released', { mendId, ...mend.release });
  if (mend.ending === 'prepare') return;
  // What bonds is left for as long as its card says.
  const cure = story.file.mends.at(-1)!.plan!.steps.find(({ kind }) => kind === 'cure');
  if (cure) {
    const { fullHours } = cure.facts as { fullHours: number };
    const clockId = v7();
    const dueAt = story.inHours(fullHours);
    await story.append('clock-started', { mendId, clockId, what: 'full strength, at 20 °C', dueAt, cures: 'full' });
    story.wait(fullHours + 1);
    await story.append('clock-ended', { mendId, clockId });
  }
  await story.append('result', { mendId, planId, results: expectations.map(found), note: mend.note ?? '' });
  if (mend.ending === 'mended') await close('mended', mend.choices.duty === 'can-hurt' ? actorId('Lead hand') : null);
}

async function seedHole(face: DemoFace, faceId: string, hole: DemoFace['holes'][number]): Promise<void> {
  const [first, ...later] = hole.mends ?? [];
  const daysAgo = first?.daysAgo ?? 1000;
  const mendId = v7();
  const at = new Date(Date.now() - daysAgo * 86_400_000);
  const body = {
    id: v7(),
    name: hole.name,
    faceId,
    mend: first ? { id: mendId, what: first.what } : null,
    happenedAt: at.toISOString(),
  };
  const story = new Story(
    await shop.write(actorId(first?.by ?? 'Mechanic A'), at, (context, tx) => addHole(context, body, tx)),
    daysAgo,
  );
  if (!first) return story.append('choice', { field: 'threadId', value: face.threadId });
  await tell(story, first, mendId);
  for (const mend of later) {
    const id = v7();
    story.startAt(mend.daysAgo);
    story.by = mend.by;
    await story.append('mend-opened', { mendId: id, what: mend.what });
    await tell(story, mend, id);
  }
}

async function seedAsset(asset: DemoAsset): Promise<void> {
  const assetId = v7();
  const write = <T>(work: (context: Context, tx: Tx) => Promise<T>) => shop.write(null, new Date(), work);
  await write((context, tx) => addAsset(context, { id: assetId, name: asset.name, note: asset.note }, tx));
  for (const face of asset.faces) {
    const faceId = v7();
    await write((context, tx) => addFace(context, assetId, { id: faceId, name: face.name }, tx));
    for (const hole of face.holes) await seedHole(face, faceId, hole);
  }
}

const { items } = await shop.use(null, new Date(), (context) => listAssets(context, { limit: 1 }));
if (items.length === 0) {
  console.log('Loading the demo shop …');
  const { revision } = await shop.use(null, new Date(), readShop);
  Object.assign(settings, {
    name: SHOP_NAME,
    drillSets: ['metric-tenths', 'metric-halves', 'fractional', 'number', 'letter'],
    rules: { ...settings.rules, ...SHED },
    setUp: true,
  });
  await shop.use(null, new Date(), (context) => saveShop(context, settings, revision));
  await Promise.all(ASSETS.map(seedAsset));
}
await shop.close();
