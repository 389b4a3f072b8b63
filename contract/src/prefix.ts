/** Where the API lives. In a file of its own, so that the browser does not load the schemas to know it. */
export const API_PREFIX = '/api/v1';
