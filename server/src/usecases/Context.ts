import type { Sequelize, Transaction } from 'sequelize';

/** What every use case gets: no global state, so that any number of processes can run. */
export interface Context {
  sequelize: Sequelize;
  shopId: string;
  actorId: string;
  now: () => Date;
}

export type Tx = Transaction;
