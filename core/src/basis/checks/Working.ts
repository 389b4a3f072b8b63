/** One symbol of a formula with its value. Lengths are in mm, loads in N, strengths in MPa. */
export interface WorkingSymbol {
  symbol: string;
  meaning: string;
  value: number;
  unit: string;
}

/** How a number came about: built by the function that computed it, never retold elsewhere. */
export interface Working {
  title: string;
  formula: string;
  symbols: WorkingSymbol[];
  result: { symbol: string; value: number; unit: string };
  source: string;
  /** Rules of thumb and our own estimates say so. */
  estimate?: boolean;
  /** How far the readings' uncertainty moves the result. */
  range?: { low: number; high: number };
  notes?: string[];
}
