/**
 * Questions of practice on which good mechanics differ (docs/methods.md, The work card): each option with the case in which it is the right one.
 * A shop may settle one for itself; else the card chooses by the case and names the other.
 */
export const PRACTICES = [
  {
    id: 'handle',
    question: 'Tap wrench',
    options: [
      { id: 'bar', name: 'bar, both hands', right: 'large taps, for balance' },
      { id: 't', name: 'T-handle', right: 'small taps and tight places' },
      { id: 'ratchet', name: 'ratchet', right: 'soft, thin metal where a bar cannot turn' },
      { id: 'guided', name: 'guided by the machine', right: 'a part that stands under a spindle' },
    ],
  },
  {
    id: 'pressing',
    question: 'The first turns',
    options: [
      { id: 'press', name: 'press until it bites, then let it feed', right: 'a new thread' },
      { id: 'feed', name: 'no pressure at all, it feeds itself', right: 'an old helix: pressure starts a second one' },
    ],
  },
  {
    id: 'pilot',
    question: 'Pilot drill',
    options: [
      { id: 'pilot', name: 'pilot first', right: 'large or hard' },
      { id: 'none', name: 'straight to size', right: 'small or soft, or where a pilot only rubs' },
    ],
  },
  {
    id: 'countersink',
    question: 'Countersink',
    options: [
      { id: 'before', name: 'before the tap', right: 'it starts straighter, and raises no burr' },
      { id: 'after', name: 'after the tap', right: 'a face that seals right at the hole' },
      { id: 'both', name: 'both, lightly', right: 'ordinary holes' },
    ],
  },
  {
    id: 'cleaning',
    question: 'Cleaning',
    options: [
      { id: 'vacuum', name: 'vacuum and brush', right: 'near engines, gearboxes and seals' },
      { id: 'solvent', name: 'solvent, then dry', right: 'before thread locker or compound' },
      { id: 'oil', name: 'wiped with light oil', right: 'a thread that will stand empty' },
      { id: 'air', name: 'air, behind a shield', right: 'a through hole in the open, everybody’s eyes guarded' },
    ],
  },
  {
    id: 'first-tap',
    question: 'First tap',
    options: [
      { id: 'taper', name: 'taper', right: 'tough metal, large threads, by hand and by eye' },
      { id: 'second', name: 'second (middle)', right: 'most holes; an old helix that it finds by itself' },
      { id: 'bottoming', name: 'bottoming alone', right: 'a nearly whole thread that is only cleaned' },
    ],
  },
  {
    id: 'power',
    question: 'Power tapping',
    options: [
      { id: 'guide', name: 'machine as a guide, motor off', right: 'one hole that must not be lost' },
      { id: 'through', name: 'through holes, with reverse or clutch', right: 'many holes alike in kind metal' },
      { id: 'never', name: 'never', right: 'no reverse, no clutch' },
    ],
  },
  {
    id: 'small-taps',
    question: 'Small taps',
    options: [
      {
        id: 'machine-start',
        name: 'started in the machine, finished by hand',
        right: 'the part stands under a spindle',
      },
      { id: 'hand', name: 'by hand for the feel', right: 'in place, or where the spindle is heavy' },
    ],
  },
  {
    id: 'rhythm',
    question: 'Rhythm',
    options: [
      { id: 'short', name: 'half a turn on, a quarter back', right: 'stringy, blind, deep, small or tough' },
      { id: 'turn', name: 'one turn on, break the chip', right: 'ordinary steel and iron, short holes' },
      { id: 'several', name: 'several on, one back', right: 'brittle metal, short through holes' },
      { id: 'binds', name: 'back only when it binds', right: 'a hand that knows the feel of this tap' },
      { id: 'none', name: 'never back', right: 'spiral-point, forming and tandem taps' },
    ],
  },
  {
    id: 'lubricant',
    question: 'Cutting fluid',
    options: [
      { id: 'by-material', name: 'by the material', right: 'always where a tap can be lost' },
      { id: 'at-hand', name: 'the oil at hand', right: 'soft steel, shallow, light duty' },
    ],
  },
  {
    id: 'start',
    question: 'Where the drill starts',
    options: [
      { id: 'follow', name: 'in the hole that is there', right: 'round and on its place' },
      { id: 'bush', name: 'a bush in place', right: 'a ragged, oval or sloped hole' },
      { id: 'spot', name: 'spotted', right: 'patterns, and full metal' },
      { id: 'punch', name: 'punched', right: 'one loose hole without a pattern' },
    ],
  },
  {
    id: 'follow',
    question: 'Follow',
    options: [
      { id: 'hole', name: 'the hole’s axis', right: 'it stands true within what the head stands' },
      { id: 'face', name: 'square to the face', right: 'the hole leans: it is corrected' },
    ],
  },
  {
    id: 'trial',
    question: 'A gauge before the part',
    options: [
      {
        id: 'trial',
        name: 'try drill and tap in scrap of its kind',
        right: 'the last metal, a worn tap, a drill not in the rack',
      },
      { id: 'at-once', name: 'on the part at once', right: 'a known set-up that bored right last time' },
    ],
  },
] as const;

type Row = (typeof PRACTICES)[number];
export type PracticeId = Row['id'];
export type PracticeOption<Id extends PracticeId = PracticeId> = Extract<Row, { id: Id }>['options'][number]['id'];
/** What a shop has settled for itself; what is left out is chosen by the case. */
export type PracticesKept = { [Id in PracticeId]?: PracticeOption<Id> };

/** @example optionOf('pilot', 'none').right // 'small or soft, or where a pilot only rubs' */
export function optionOf<Id extends PracticeId>(
  id: Id,
  option: PracticeOption<Id>,
): { id: string; name: string; right: string } {
  const { options } = PRACTICES.find((row) => row.id === id)!;
  return (options as readonly { id: string; name: string; right: string }[]).find((row) => row.id === option)!;
}
