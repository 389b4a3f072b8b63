import type { Sheet, Shape, SheetLayer } from '../DisplayList.ts';
import { PAPERS, type PaperId } from './Paper.ts';

/** A page while it is filled: what is written on it and what is drawn. */
export class Page {
  readonly shapes: Shape[] = [];
  readonly layers: SheetLayer[] = [];
  readonly widthPt: number;
  readonly heightPt: number;

  constructor(paper: PaperId) {
    this.widthPt = PAPERS[paper].widthPt;
    this.heightPt = PAPERS[paper].heightPt;
  }

  sheet(): Sheet {
    return {
      width: this.widthPt,
      height: this.heightPt,
      layers: [...this.layers, { id: 'page', shapes: this.shapes }],
    };
  }
}
