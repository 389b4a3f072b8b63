import { z } from 'zod';
import { AssetDetail, AssetQuery, AssetSummary, NewAsset, NewFace } from './nouns/assets.ts';
import { BenchKept, BenchTurns, HoleQuery, HoleSummary, MoveReading, NewHole } from './nouns/holes.ts';
import { OwnFigureRow } from './nouns/figures.ts';
import { BenchInstrument, InstrumentReading, StreamQuery } from './nouns/instruments.ts';
import { ListQuery, page } from './nouns/lists.ts';
import { MendQuery, NewPlan } from './nouns/mends.ts';
import { CardQuery, ChartQuery, LabelQuery, PaperQuery, Pdf } from './nouns/papers.ts';
import { Actor, ShopSettings } from './nouns/shop.ts';
import { HoleDetail, HoleWritten, liftNewEvent, NewEvent } from './events.ts';

export interface Endpoint {
  method: 'get' | 'post' | 'put';
  path: string;
  summary: string;
  query?: z.ZodType;
  body?: z.ZodType;
  reply: z.ZodType;
  /** Answers a file of this kind in place of JSON. */
  file?: 'application/pdf' | 'text/calendar';
  /** Goes on answering, a server-sent event each, until one side has enough. */
  stream?: true;
  /** Brings the body of an older client up to this build, before it is parsed. */
  lift?: (body: unknown) => unknown;
  /** Needs an Idempotency-Key: a repeated call records once. What bears an event’s id needs none: the id is the key. */
  once?: boolean;
  /** Needs If-Match with the revision that the person saw. */
  ifMatch?: 'always' | 'for-choices';
}

/** The one table of endpoints: the server routes by it, the OpenAPI document is made from it. */
export const ENDPOINTS = {
  readShop: { method: 'get', path: '/shop', summary: 'Settings of the shop', reply: ShopSettings },
  saveShop: {
    method: 'put',
    path: '/shop',
    summary: 'Change the settings',
    body: ShopSettings,
    reply: ShopSettings,
    ifMatch: 'always',
  },
  listActors: { method: 'get', path: '/actors', summary: 'Who works here', reply: z.array(Actor) },
  listAssets: {
    method: 'get',
    path: '/assets',
    summary: 'Assets, by name',
    query: ListQuery,
    reply: page(AssetSummary),
  },
  addAsset: {
    method: 'post',
    path: '/assets',
    summary: 'Add an asset',
    body: NewAsset,
    reply: AssetDetail,
    once: true,
  },
  readAsset: {
    method: 'get',
    path: '/assets/:id',
    summary: 'An asset with its faces, and the first holes of each',
    query: AssetQuery,
    reply: AssetDetail,
  },
  addFace: {
    method: 'post',
    path: '/assets/:id/faces',
    summary: 'Add a face',
    body: NewFace,
    reply: AssetDetail,
    once: true,
  },
  listHoles: { method: 'get', path: '/holes', summary: 'Holes, by name', query: HoleQuery, reply: page(HoleSummary) },
  addHole: {
    method: 'post',
    path: '/holes',
    summary: 'Add a hole, with or without a mend',
    body: NewHole,
    reply: HoleWritten,
  },
  readHole: { method: 'get', path: '/holes/:id', summary: 'A hole with its events', reply: HoleDetail },
  appendEvent: {
    method: 'post',
    path: '/holes/:id/events',
    summary: 'Record a reading, a choice, a result, a closing',
    body: NewEvent,
    lift: liftNewEvent,
    reply: HoleWritten,
    ifMatch: 'for-choices',
  },
  moveReading: {
    method: 'post',
    path: '/holes/:id/moves',
    summary: 'Move a reading to the hole it belongs to',
    body: MoveReading,
    reply: HoleWritten,
    ifMatch: 'for-choices',
  },
  freezePlan: {
    method: 'post',
    path: '/holes/:id/plans',
    summary: 'Freeze a route as the plan; the server computes it again',
    body: NewPlan,
    reply: HoleWritten,
    ifMatch: 'always',
  },
  readBench: {
    method: 'get',
    path: '/holes/:id/bench',
    summary: 'Turns counted so far, as a device copied them',
    reply: BenchKept,
  },
  keepBench: {
    method: 'put',
    path: '/holes/:id/bench',
    summary: 'Copy the turns counted so far: the last copy stands',
    body: BenchTurns,
    reply: BenchKept,
  },
  listClocks: {
    method: 'get',
    path: '/clocks',
    summary: 'Waits that run or are due, the first due on top',
    reply: z.array(HoleSummary),
  },
  listInstruments: {
    method: 'get',
    path: '/instruments',
    summary: 'Instruments at the bench that send what they read',
    reply: z.array(BenchInstrument),
  },
  streamInstrument: {
    method: 'get',
    path: '/instruments/stream',
    summary: 'What one of them shows, as it shows it',
    query: StreamQuery,
    reply: InstrumentReading,
    stream: true,
  },
  printCard: {
    method: 'get',
    path: '/holes/:id/card.pdf',
    summary: 'The work card of a mend’s plan, on paper',
    query: CardQuery,
    reply: Pdf,
    file: 'application/pdf',
  },
  printPassport: {
    method: 'get',
    path: '/holes/:id/passport.pdf',
    summary: 'A hole’s passport, on paper',
    query: PaperQuery,
    reply: Pdf,
    file: 'application/pdf',
  },
  printLabels: {
    method: 'get',
    path: '/holes/:id/labels.pdf',
    summary: 'Labels for a hole: what is in it, what must not be done to it, its code',
    query: LabelQuery,
    reply: Pdf,
    file: 'application/pdf',
  },
  ownFigures: {
    method: 'get',
    path: '/figures',
    summary: 'What the shop’s own records say, beside the printed estimates',
    reply: z.array(OwnFigureRow),
  },
  dueFeed: {
    method: 'get',
    path: '/due.ics',
    summary: 'Holes to be looked at again by a day, as a calendar to subscribe to',
    reply: Pdf,
    file: 'text/calendar',
  },
  printChart: {
    method: 'get',
    path: '/charts.pdf',
    summary: 'A chart of the shop’s own, on paper',
    query: ChartQuery,
    reply: Pdf,
    file: 'application/pdf',
  },
  listMends: {
    method: 'get',
    path: '/mends',
    summary: 'Mends under way or closed, newest first',
    query: MendQuery,
    reply: page(HoleSummary),
  },
} as const satisfies Record<string, Endpoint>;

export type EndpointName = keyof typeof ENDPOINTS;

type Shape<N extends EndpointName, Part extends 'query' | 'body' | 'reply'> =
  (typeof ENDPOINTS)[N] extends Record<Part, infer Schema extends z.ZodType> ? z.output<Schema> : undefined;
/** What an endpoint takes and answers, once parsed. */
export type EndpointQuery<N extends EndpointName> = Shape<N, 'query'>;
export type EndpointBody<N extends EndpointName> = Shape<N, 'body'>;
export type EndpointReply<N extends EndpointName> = Shape<N, 'reply'>;
/** What a client sends, before it is parsed: what has a usual value may be left out. */
export type EndpointSent<N extends EndpointName> =
  (typeof ENDPOINTS)[N] extends Record<'body', infer Schema extends z.ZodType> ? z.input<Schema> : undefined;

/** What is answered: once, or again and again. */
export type EndpointAnswer<N extends EndpointName> = (typeof ENDPOINTS)[N] extends { stream: true }
  ? AsyncIterable<EndpointReply<N>>
  : EndpointReply<N>;

type Filled<Path extends string> = Path extends `${infer Before}:id${infer After}`
  ? `${Before}${string}${After}`
  : Path;
type AddressOf<N extends EndpointName> =
  Filled<(typeof ENDPOINTS)[N]['path']> | `${Filled<(typeof ENDPOINTS)[N]['path']>}?${string}`;
export type Method = Endpoint['method'];
type NamesBy<M extends Method> = {
  [N in EndpointName]: (typeof ENDPOINTS)[N]['method'] extends M ? N : never;
}[EndpointName];
/** Every address that answers to a method, with ids and query filled in. */
export type Address<M extends Method> = AddressOf<NamesBy<M>>;
/** The endpoint that answers there. */
export type EndpointAt<M extends Method, A extends string> = {
  [N in NamesBy<M>]: A extends AddressOf<N> ? N : never;
}[NamesBy<M>];

export { API_PREFIX } from './prefix.ts';
