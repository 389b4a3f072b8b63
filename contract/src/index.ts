export * from './schemas.ts';
export { API_PREFIX, ENDPOINTS, type Endpoint, type EndpointName } from './endpoints.ts';
