export { Id, Name } from './basics.ts';
export * from './schemas.ts';
export { EVENT_PAYLOADS, HoleDetail, HoleWritten, NewEvent, StoredEvent } from './events.ts';
export { API_PREFIX, ENDPOINTS, type Endpoint, type EndpointName } from './endpoints.ts';
