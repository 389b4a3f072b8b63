import pg from 'pg';
import { Sequelize, type PoolOptions } from 'sequelize';
import { bindModels } from './models.ts';

/** Longer than a burst waits for a connection; shorter than a person waits for an answer. */
const ACQUIRE_MS = 8_000;
/** Searches have so many sessions, and each so long. */
const SEARCHES = 2;
export const SEARCH_MS = 2_000;

type OnLost = (error: Error) => void;

function open(databaseUrl: string, onLost: OnLost, pool: PoolOptions, session: object = {}): Sequelize {
  // A session may end while it is being opened, before anything listens: an error that nobody hears would end the process.
  class Client extends pg.Client {
    constructor(config?: pg.ClientConfig) {
      super(config);
      this.on('error', onLost);
    }
  }
  return new Sequelize(databaseUrl, {
    dialect: 'postgres',
    dialectModule: { ...pg, Client },
    dialectOptions: session,
    logging: false,
    pool,
  });
}

/**
 * Opens the connection pool and binds the models to it.
 * @param onLost - hears of a session that the database ended by itself; whoever waited for it is told besides
 */
export function connect(databaseUrl: string, onLost: OnLost): Sequelize {
  const sequelize = open(databaseUrl, onLost, { max: 10, min: 1, acquire: ACQUIRE_MS });
  bindModels(sequelize);
  return sequelize;
}

/** The pool of the searches: few sessions, each with a time-out, that always look through a table from its beginning. */
export const connectSearches = (databaseUrl: string, onLost: OnLost): Sequelize =>
  open(
    databaseUrl,
    onLost,
    { max: SEARCHES, min: 0, acquire: ACQUIRE_MS },
    { statement_timeout: SEARCH_MS, options: '-c synchronize_seqscans=off' },
  );
