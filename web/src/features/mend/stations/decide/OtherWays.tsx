import { WAYS, type Route } from '@deep-mend/core';
import { Verdict } from '../../../../parts/Verdict.tsx';
import { rungKey, rungsOf } from '@deep-mend/drawing';

/** Ways that stand but have no rung: those that take no metal, and those that the ladder had no room for. */
export function OtherWays({
  routes,
  chosen,
  onSelect,
}: {
  routes: Route[];
  chosen: string;
  onSelect: (id: string) => void;
}) {
  const onLadder = new Set(rungsOf(routes, chosen).map((rung) => rung.key));
  const seen = new Set<string>();
  const others = routes.filter((route) => {
    const key = rungKey(route);
    if (route.verdict === 'does-not-hold' || onLadder.has(key) || seen.has(key)) return false;
    seen.add(key);
    return true;
  });
  if (others.length === 0) return null;
  return (
    <details className="why-not">
      <summary>Other ways ({others.length})</summary>
      {others.map((route) => (
        <div key={route.id}>
          <Verdict verdict={route.verdict} word={false} size={14} />{' '}
          <button type="button" className="plain-button" onClick={() => onSelect(route.id)}>
            {route.title}
          </button>
          <p>{WAYS[route.method].fastenerChange === 'kept' ? 'The screw stays.' : 'Another screw.'}</p>
        </div>
      ))}
    </details>
  );
}
