import type { Attempt, HeatTickId, HoleFile, MeansId, QuantityId, UnitSystem } from '@deep-mend/core';
import { cautionsOf } from '@deep-mend/core';
import type { ReactNode } from 'react';
import type { Choose } from '../../known/fields.tsx';
import { BeforeAnything } from './BeforeAnything.tsx';
import { CorePanel } from './CorePanel.tsx';
import { MeansList } from './MeansList.tsx';
import { PreventNext } from './PreventNext.tsx';
import type { FreePlan } from './useFreePlan.ts';

export interface FreeProps {
  holeId: string;
  free: FreePlan;
  file: HoleFile;
  units: UnitSystem;
  readOnly: boolean;
  choose: Choose;
  reading: (quantity: QuantityId) => ReactNode;
  onAttempt: (means: MeansId, outcome: Attempt['outcome'], ticked: HeatTickId[]) => void;
  /** Whether the charts stand here. */
  charts: boolean;
}

/** What to try first and what not, and the numbers of a core drilling. */
export function FreePanel(props: FreeProps) {
  return (
    <section aria-label="Free what is stuck">
      <h2 className="panel-title">Free the {props.free.stuck.what}</h2>
      <BeforeAnything {...props} />
      <MeansList {...props} />
      {props.free.question && <CorePanel {...props} question={props.free.question} />}
      <PreventNext {...props} />
      {cautionsOf(props.free.stuck).map((words) => (
        <p key={words} className="quiet-text">
          {words}
        </p>
      ))}
    </section>
  );
}
