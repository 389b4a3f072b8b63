import {
  formatLength,
  formatLoad,
  mateEffectOf,
  SAY,
  type Route,
  type UnitSystem,
  VERDICT_WORDS,
} from '@deep-mend/core';
import { useState } from 'react';
import { timeWords, torqueWords } from './RouteEconomics.tsx';

const NONE = '—';

function rows(route: Route, units: UnitSystem): [label: string, value: string][] {
  const length = (mm: number) => `${formatLength(mm, units)} ${units}`;
  return [
    ['Verdict', VERDICT_WORDS[route.verdict]],
    ['Drill', route.cut.drill?.drill.id ?? NONE],
    ['Outermost cut', length(route.cut.outermostMm)],
    ['Metal left', route.reserve.ratio === null ? 'unknown' : `${Math.round(route.reserve.ratio * 100)} %`],
    ['Engaged thread', route.engagementMm > 0 ? length(route.engagementMm) : NONE],
    ['Strips at', route.stripLoadN === null ? NONE : formatLoad(route.stripLoadN, units)],
    ['Torque, oiled, if the maker gives none', torqueWords(route.torque, units)],
    ['Time, cost', `${timeWords(route.minutes)}, ${Math.round(route.cost)}`],
    ['Mating part', mateEffectOf(route, SAY[units]) === '' ? 'stays' : 'is opened'],
    ['Can be undone', route.reversible],
    ['Afterwards', route.afterwards.join(', ') || 'nothing larger'],
  ];
}

/** The chosen way beside any other, line by line. */
export function SideBySide({ route, routes, units }: { route: Route; routes: Route[]; units: UnitSystem }) {
  const [open, setOpen] = useState(false);
  const [otherId, setOtherId] = useState<string | null>(null);
  const others = routes.filter((candidate) => candidate.id !== route.id);
  const other = others.find((candidate) => candidate.id === otherId) ?? others[0];
  if (!other) return null;
  const right = open ? rows(other, units) : [];
  return (
    <details className="why-not" open={open} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary>Side by side with another way</summary>
      {open && (
        <>
          <select
            className="known-select"
            aria-label="Compare with"
            value={other.id}
            onChange={(event) => setOtherId(event.target.value)}
          >
            {others.map((candidate) => (
              <option key={candidate.id} value={candidate.id}>
                {candidate.title}
              </option>
            ))}
          </select>
          <table className="side-by-side">
            <thead>
              <tr>
                <td />
                <th scope="col">{route.title}</th>
                <th scope="col">{other.title}</th>
              </tr>
            </thead>
            <tbody>
              {rows(route, units).map(([label, value], index) => (
                <tr key={label}>
                  <th scope="row">{label}</th>
                  <td>{value}</td>
                  <td>{right[index]![1]}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </>
      )}
    </details>
  );
}
