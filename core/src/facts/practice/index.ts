export { optionOf, PRACTICES, type PracticeId, type PracticeOption, type PracticesKept } from './practices.ts';
