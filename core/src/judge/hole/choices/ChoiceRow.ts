interface Option {
  readonly id: string;
  readonly name: string;
}

/** What every choice has: its id, its words on a screen, and where the planner's request names it. */
interface Common {
  readonly id: string;
  readonly label: string;
  /** What must be so before it is asked for; left out: always. */
  readonly asked?: 'stuck' | 'preload' | 'failed' | 'can-hurt' | 'under-code' | 'seals';
  /** Without it there is no case: once answered it is never emptied. */
  readonly needed?: true;
  /** A sister of the same pattern tells it. */
  readonly told?: true;
  /** Its place in the request about a hole, and in the one about freeing; left out: not in it. */
  readonly inHole?: string;
  readonly inFree?: string;
}

/** One choice that a person makes about a hole: what it may be, and what it is taken as until someone says so. */
export type ChoiceRow = Common &
  (
    | {
        readonly kind: 'options';
        readonly options: readonly Option[];
        /** Null: nobody knows. */
        readonly usual: string | null;
        /** May go back to nothing, in these words. */
        readonly none?: string;
      }
    | { readonly kind: 'flag'; readonly usual: boolean | null }
    | {
        readonly kind: 'number';
        readonly min: number;
        readonly max: number;
        readonly unit: string;
        readonly usual: null;
      }
    | { readonly kind: 'text'; readonly most: number; readonly usual: string; readonly offered: readonly string[] }
    /** A row of a table of facts, by its id. */
    | {
        readonly kind: 'row';
        readonly of: 'thread' | 'parent' | 'fastener-class';
        readonly most: number;
        readonly usual: null;
        readonly none?: string;
      }
  );

/** Options whose ids are the words themselves. */
export const same = <const Ids extends readonly string[]>(...ids: Ids) =>
  ids.map((id) => ({ id, name: id })) as unknown as { [I in keyof Ids]: { id: Ids[I]; name: Ids[I] } };
