import pg from 'pg';
import { Sequelize } from 'sequelize';
import { bindModels } from './models.ts';

/** Longer than a burst waits for a connection; shorter than a person waits for an answer. */
const ACQUIRE_MS = 8_000;

/**
 * Opens the connection pool and binds the models to it.
 * @param onLost - hears of a session that the database ended by itself; whoever waited for it is told besides
 */
export function connect(databaseUrl: string, onLost: (error: Error) => void): Sequelize {
  // A session may end while it is being opened, before anything listens: an error that nobody hears would end the process.
  class Client extends pg.Client {
    constructor(config?: pg.ClientConfig) {
      super(config);
      this.on('error', onLost);
    }
  }
  const sequelize = new Sequelize(databaseUrl, {
    dialect: 'postgres',
    dialectModule: { ...pg, Client },
    logging: false,
    pool: { max: 10, min: 1, acquire: ACQUIRE_MS },
  });
  bindModels(sequelize);
  return sequelize;
}
