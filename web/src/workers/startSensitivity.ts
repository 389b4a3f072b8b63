/** The one place that knows where the worker's file is: tests replace this module. */
export const startSensitivity = () =>
  new Worker(new URL('./sensitivity.worker.ts', import.meta.url), { type: 'module' });
