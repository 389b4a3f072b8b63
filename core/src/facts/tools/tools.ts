/** Hand tools and aids that a card asks for beside drills, taps and coils, each with what does in its place; null: nothing does. */
export const TOOLS = [
  { id: 'stop-collar', name: 'stop collar', instead: 'a tube cut to length over the drill; tape slides' },
  { id: 'stub-drills', name: 'stub drills', instead: 'the jobber drill, gripped short' },
  { id: 'spot-drill', name: 'spot or centre drill', instead: 'a stub drill held short' },
  { id: 'punch', name: 'centre punch', instead: 'a spot drill' },
  { id: 'countersink', name: '90° countersink', instead: 'a larger drill turned by hand' },
  { id: 'back-countersink', name: 'back countersink or deburrer', instead: 'a scraper or a bent blade by hand' },
  { id: 'square', name: 'small engineer’s square', instead: 'a true block or a new nut on a flat face' },
  { id: 'tap-guide', name: 'drilled guide block for taps', instead: 'a thick nut of the thread held on the face' },
  {
    id: 'drill-guide',
    name: 'guide block or bush for drills',
    instead: 'a square beside it, and a second pair of eyes',
  },
  { id: 'spring-centre', name: 'spring-loaded tap guide', instead: 'a dead centre in the chuck, followed by hand' },
  { id: 'pin-wrench', name: 'finger tap holder', instead: 'the smallest T-handle' },
  { id: 't-wrench', name: 'T-handle tap wrench', instead: 'a short bar wrench' },
  { id: 'bar-wrench', name: 'bar tap wrench', instead: 'two spanners against each other' },
  { id: 'thread-gauge', name: 'thread gauge, go and no-go', instead: 'a good screw and its shake: it says less' },
  { id: 'bore-gauge', name: 'bore gauge or plug gauges', instead: 'drill shanks as plugs: the largest that goes in' },
  { id: 'reamer', name: 'reamer', instead: 'drills in steps, the last one small' },
  { id: 'vice', name: 'machine vice', instead: 'two clamps and parallels' },
  { id: 'clamps', name: 'clamps and parallels', instead: 'a vice bolted to the table' },
  { id: 'v-block', name: 'V-block', instead: 'two angles clamped as a V' },
  { id: 'coil-tool', name: 'coil setting tool', instead: 'a slotted mandrel turned to the screw’s minor' },
  { id: 'tang-tool', name: 'tang break tool', instead: 'a flat-ended pin that just enters, one sharp blow' },
  { id: 'vacuum', name: 'vacuum', instead: 'a brush, and grease on the flutes' },
  { id: 'magnet', name: 'magnet', instead: 'a brush; it lifts neither aluminium nor stainless' },
  { id: 'borescope', name: 'borescope', instead: 'a mirror and a lamp' },
  { id: 'torque-wrench', name: 'torque wrench', instead: null },
] as const;
export type ToolId = (typeof TOOLS)[number]['id'];

/** @example toolRow('punch').instead // 'a spot drill' */
export const toolRow = (id: ToolId): (typeof TOOLS)[number] => TOOLS.find((row) => row.id === id)!;
