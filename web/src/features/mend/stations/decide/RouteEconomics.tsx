import { formatLength, formatTorque, type NamedTorque, type Route, type UnitSystem, WAYS } from '@deep-mend/core';

const CHANGES = { kept: 'the screw stays', longer: 'a longer screw', new: 'another screw' } as const;
const UNDO = { yes: 'can be undone', partly: 'can be undone in part', no: 'cannot be undone' } as const;

/** Working time in words a mechanic would use. */
export const timeWords = (minutes: number): string =>
  minutes < 90 ? `${minutes} min` : `${(minutes / 60).toFixed(1).replace('.0', '')} h`;

const LIMITED_BY = { thread: 'the thread in the part sets it', screw: 'the screw sets it' } as const;

/** The torque where the maker gives none, and which side sets it; of an unknown class the usual ones. */
export function torqueWords(torque: NamedTorque | null, units: UnitSystem): string {
  if (torque === null) return 'the maker’s';
  const say = (newtonMetre: number) => formatTorque(newtonMetre, units);
  return torque.torqueNm === null
    ? `class not known: thread ${say(torque.threadNm)}; ${torque.classes.map((row) => `${row.name} ${say(row.torqueNm)}`).join(', ')}`
    : `${say(torque.torqueNm)} (${LIMITED_BY[torque.limitedBy]})`;
}

/** What a route costs besides metal, and what is left after it: one quiet paragraph. */
export function RouteEconomics({ route, units }: { route: Route; units: UnitSystem }) {
  const words = [
    route.torque === null ? null : `where the maker gives no torque, oiled: ${torqueWords(route.torque, units)}`,
    route.toFetch.length > 0 ? `not in the crib: ${route.toFetch.join(', ')}` : null,
    `about ${timeWords(route.minutes)}${route.toFetch.length > 0 ? ' with fetching it' : ''}, ${Math.round(route.cost)} by the shop’s rates`,
    CHANGES[route.fastenerChange],
    UNDO[route.reversible],
    route.counterDrillMm === null
      ? null
      : `may be counter-drilled ${formatLength(route.counterDrillMm, units)} ${units} deep`,
  ].filter((word) => word !== null);
  const sentence = words.join('; ');
  return (
    <p className="quiet-text">
      {WAYS[route.method].name}: {sentence}.{' '}
      {route.afterwards.length > 0
        ? `If it fails too, still possible: ${route.afterwards.join(', ').toLowerCase()}.`
        : 'If it fails too, nothing larger stands in this hole.'}
    </p>
  );
}
