import type { Working } from '../../basis/checks/index.ts';

/** One number of an answer. Lengths are mm, loads N, torques Nm. */
export interface AnswerFigure {
  label: string;
  /** Null: there is none, and the note says why. */
  value: number | null;
  unit: 'mm' | 'N' | 'Nm' | 'rev/min' | 'm/min' | 'ft/min' | 'share' | 'turns' | 'deg' | 'times';
  note?: string;
}

/** An answer that is a few numbers with their working. */
export interface FiguresCard {
  kind: 'figures';
  topic:
    | 'insert'
    | 'fit'
    | 'depth'
    | 'speed'
    | 'torque'
    | 'centres'
    | 'load'
    | 'strength'
    | 'engagement'
    | 'flag'
    | 'stop'
    | 'circle'
    | 'tilt'
    | 'extractor'
    | 'direction'
    | 'which';
  title: string;
  figures: AnswerFigure[];
  notes: string[];
  workings: Working[];
}
