import type { Sequelize, Transaction } from 'sequelize';
import type { Instruments } from './instruments/Instruments.ts';

/** What every use case gets: no global state, so that any number of processes can run. */
export interface Context {
  sequelize: Sequelize;
  /** A small pool of its own with a time-out: many who search take nothing from whoever reads or records. */
  searching: Sequelize;
  shopId: string;
  actorId: string;
  now: () => Date;
  /** Where people reach this shop from elsewhere; null: only on this machine, and then no code leads here. */
  publicUrl: string | null;
  /** What stands at the benches and sends what it reads; null: nothing does. */
  instruments: Instruments | null;
  /** Who makes the events: a person, or the loader of the demo shop. */
  origin: 'entered' | 'demo';
}

export type Tx = Transaction;
