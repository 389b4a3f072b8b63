/** The one place that knows where the worker's file is: tests replace this module. */
export const startHarm = () => new Worker(new URL('./harm.worker.ts', import.meta.url), { type: 'module' });
