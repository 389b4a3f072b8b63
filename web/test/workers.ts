// Workers are started from one module each, by an address that only a bundler knows: panels are tested without them.
jest.mock('../src/workers/startHarm.ts', () => ({ startHarm: () => ({ postMessage() {}, terminate() {} }) }));
jest.mock('../src/workers/startSensitivity.ts', () => ({
  startSensitivity: () => ({ postMessage() {}, terminate() {} }),
}));
