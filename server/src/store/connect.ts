import { Sequelize } from 'sequelize';
import { bindModels } from './models.ts';

/** Opens the connection pool and binds the models to it. */
export function connect(databaseUrl: string, poolSize = 10): Sequelize {
  const sequelize = new Sequelize(databaseUrl, {
    dialect: 'postgres',
    logging: false,
    pool: { max: poolSize, min: 1, acquire: 15_000 },
  });
  bindModels(sequelize);
  return sequelize;
}
