export { assess, type Assessment } from './assess.ts';
