import type {
  EventPayloads,
  FrozenPlan,
  HoleChoices,
  QuantityId,
  StoredEvent as CoreStoredEvent,
} from '@deep-mend/core';
import type { z } from 'zod';
import type { CHOICE_VALUES } from './choices.ts';
import type { EVENT_PAYLOADS, HoleDetail, HoleWritten, StoredEvent } from './events.ts';
import type { FrozenPlanKept } from './plans.ts';

// Types only: what crosses a border is what the core records, field by field. A kind, a choice, a quantity or a field that
// is added on one side alone does not compile. What is stored is proved by parsing the recordings, in recorded.test.ts.

/** A type with its modifiers made plain, so that two spellings of one record are one. */
type Same<T> = T extends string | number | boolean | null | undefined
  ? T
  : T extends readonly (infer Item)[]
    ? Same<Item>[]
    : { -readonly [Key in keyof T]: Same<T[Key]> };
type Equal<A, B> = (<T>() => T extends Same<A> ? 1 : 2) extends <T>() => T extends Same<B> ? 1 : 2 ? true : false;
type AllTrue<T extends Record<string, true>> = T;

type Shapes<T extends Record<string, z.ZodType>> = { [Key in keyof T]: z.output<T[Key]> };

type EventShapes = Shapes<typeof EVENT_PAYLOADS>;
/** Each kind of event by itself, so that the compiler names the one that differs. */
export type EventsConform = AllTrue<{ [K in keyof EventPayloads]: Equal<EventShapes[K], EventPayloads[K]> }>;
export type NoOtherEvents = AllTrue<{ kinds: Equal<keyof EventShapes, keyof EventPayloads> }>;

type ChoiceShapes = Shapes<typeof CHOICE_VALUES>;
export type ChoicesConform = AllTrue<{ [Id in keyof HoleChoices]: Equal<ChoiceShapes[Id], HoleChoices[Id]> }>;
export type QuantitiesConform = AllTrue<{ ids: Equal<EventShapes['reading']['quantity'], QuantityId> }>;

export type PlanConforms = AllTrue<{ plan: Equal<z.output<typeof FrozenPlanKept>, FrozenPlan> }>;

type Stored = Omit<CoreStoredEvent, 'payload'> & { payload: Record<string, unknown> };
export type RepliesConform = AllTrue<{
  stored: Equal<z.output<typeof StoredEvent>, { [Key in keyof Stored]: Stored[Key] }>;
  detail: Equal<HoleDetail['events'][number], HoleWritten['events'][number]>;
}>;
