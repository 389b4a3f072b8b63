export { NOTHING_LISTED, type Owned } from './Owned.ts';
