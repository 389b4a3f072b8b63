import {
  formatLength,
  tapName,
  type Route,
  type TapDrill,
  type HouseRules,
  type UnitSystem,
  WAYS,
  PRECISION,
} from '@deep-mend/core';
import { Figure } from '../../../../parts/Figure.tsx';

/** A drill's name split into figure and unit: `8.3 mm` → 8.3, mm. */
function drillFigure(drill: TapDrill): { main: string; unit?: string } {
  const match = /^(.+) (mm|in)$/.exec(drill.drill.id);
  return match ? { main: match[1]!, unit: match[2]! } : { main: drill.drill.id };
}

/** Coarse metric sizes go by their diameter in every shop; all others by size and pitch. */
function tapSize({ thread }: Route): string {
  const size = thread.series === 'coarse' ? `M${thread.majorMm}` : thread.designation.replace(/ (UNC|UNF)/, '');
  return thread.series === 'coarse' && thread.hand === 'left' ? `${size} LH` : size;
}

/** The numbers for the cut, four at a glance. */
export function RouteFigures({
  route,
  units,
  names,
  blind,
}: {
  route: Route;
  units: UnitSystem;
  names: HouseRules['tapNames'];
  blind: boolean;
}) {
  const decimals = PRECISION.depth[units];
  const length = (mm: number) => formatLength(mm, units, decimals);
  const { cut, depths } = route;
  const drill = cut.drill;
  const substitutes = route.substitutes
    .filter((d) => d.judgement === 'fits' || d.judgement === 'light-duty')
    .slice(0, 2);
  return (
    <div className="figures">
      {drill ? (
        <Figure
          label="Drill"
          {...drillFigure(drill)}
          note={`${Math.round(drill.share * 100)} % of full thread${substitutes.length > 0 ? ` · or ${substitutes.map((d) => d.drill.id).join(', ')}` : ''}`}
        />
      ) : (
        <Figure
          label="Drill"
          main={cut.drillMm !== null && cut.tapLeads.length > 0 ? length(cut.drillMm) : 'none'}
          unit={cut.drillMm !== null && cut.tapLeads.length > 0 ? units : ''}
          note={
            WAYS[route.method].drills
              ? route.cut.tapLeads.length > 0
                ? 'none in the rack is fit: to be got'
                : `bored clear to ${length(cut.majorMm)}`
              : 'nothing is cut away'
          }
        />
      )}
      {cut.tapLeads.length > 0 && (
        <Figure
          label="Tap"
          main={cut.thread && cut.thread.id !== route.thread.id ? cut.thread.designation : tapSize(route)}
          note={`${route.insertLengthD !== null ? 'insert tap; ' : ''}${cut.tapLeads.map((lead) => tapName(lead, names)).join(', then ')}; cuts to ${length(cut.majorMm)} over all`}
        />
      )}
      {depths.insertFromMm !== null && depths.insertToMm !== null ? (
        <Figure
          label={blind ? 'Full thread to' : 'Coil, nominal'}
          main={length(blind ? depths.fullThreadToMm : (route.insertLengthD ?? 0) * route.thread.majorMm)}
          unit={units}
          note={`coil from ${length(depths.insertFromMm)} to ${length(depths.insertToMm)}`}
        />
      ) : (
        <Figure
          label="Engaged thread"
          main={length(route.engagementMm)}
          unit={units}
          note={`screw must reach ${length(depths.screwReachMm)}`}
        />
      )}
      {blind ? (
        <Figure
          label="Drill stops at"
          main={length(depths.drillTipMm)}
          unit={units}
          note={`at the tip; shoulder at ${length(depths.drillShoulderMm)}`}
        />
      ) : (
        <Figure
          label="Right through"
          main={length(depths.drillShoulderMm)}
          unit={units}
          note={
            route.balanceEngagementMm === null
              ? undefined
              : `as strong as the need from ${length(route.balanceEngagementMm)} engaged`
          }
        />
      )}
    </div>
  );
}
