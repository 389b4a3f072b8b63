import { threadById } from '../../facts/threads/index.ts';
import type { HoleChoices } from '../../judge/hole/index.ts';
import type { EventKind } from './EventKind.ts';

/** One choice about the hole; the last one of a field counts. */
export type ChoicePayload = { [Id in keyof HoleChoices]: { field: Id; value: HoleChoices[Id] } }[keyof HoleChoices];

export const choice: EventKind<ChoicePayload> = {
  class: 'chosen',
  version: 2,
  // What lay behind was once taken as nothing until somebody said so: that was no answer.
  upcast: {
    1: (older: ChoicePayload | null) =>
      older?.field === 'floorName' && older.value === 'nothing' ? { ...older, value: '' } : older,
  },
  standsOnRevision: true,
  apply: (file, { field, value }) => {
    Object.assign(file.choices, { [field]: value });
    const asMade = file.generations[0];
    if (field === 'threadId' && asMade && file.generations.length === 1) {
      asMade.threadId = value;
      asMade.outermostMm = threadById(value).majorMm;
    }
  },
};
