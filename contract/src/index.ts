export { Id, Name } from './basics.ts';
export * from './nouns/assets.ts';
export * from './nouns/holes.ts';
export * from './nouns/instruments.ts';
export * from './nouns/lists.ts';
export * from './nouns/mends.ts';
export type { CardQuery, ChartQuery, LabelQuery, PaperQuery } from './nouns/papers.ts';
export * from './nouns/problem.ts';
export * from './nouns/shop.ts';
export { EVENT_PAYLOADS, HoleDetail, HoleWritten, NewEvent, StoredEvent } from './events.ts';
export {
  API_PREFIX,
  ENDPOINTS,
  type Address,
  type Endpoint,
  type EndpointAnswer,
  type EndpointAt,
  type EndpointBody,
  type EndpointName,
  type EndpointQuery,
  type EndpointReply,
  type EndpointSent,
} from './endpoints.ts';
