import type { Actor } from '@deep-mend/contract';
import { DataTypes, Model, type InferAttributes, type InferCreationAttributes, type Sequelize } from 'sequelize';

// Class fields would shadow Sequelize's accessors, so every field is only declared.

type Row<M extends Model> = InferAttributes<M>;
type New<M extends Model> = InferCreationAttributes<M>;

export class Shop extends Model<Row<Shop>, New<Shop>> {
  declare id: string;
  declare settings: object;
  declare revision: number;
}
export class ActorRow extends Model<Row<ActorRow>, New<ActorRow>> {
  declare id: string;
  declare shopId: string;
  declare name: string;
  declare role: Actor['role'];
}
export class Asset extends Model<Row<Asset>, New<Asset>> {
  declare id: string;
  declare shopId: string;
  declare name: string;
  declare note: string;
}
export class Face extends Model<Row<Face>, New<Face>> {
  declare id: string;
  declare shopId: string;
  declare assetId: string;
  declare name: string;
}
export class Hole extends Model<Row<Hole>, New<Hole>> {
  declare id: string;
  declare shopId: string;
  declare revision: number;
}
export class EventRow extends Model<Row<EventRow>, New<EventRow>> {
  declare id: string;
  declare shopId: string;
  declare holeId: string;
  declare seq: number;
  declare class: string;
  declare kind: string;
  declare payloadVersion: number;
  declare payload: object;
  declare happenedAt: Date;
  declare recordedAt: Date;
  declare actorId: string;
  declare origin: string;
}
export class Mend extends Model<Row<Mend>, New<Mend>> {
  declare id: string;
  declare shopId: string;
  declare holeId: string;
  declare openedAt: Date;
  declare closedAt: Date | null;
}
export class Plan extends Model<Row<Plan>, New<Plan>> {
  declare id: string;
  declare shopId: string;
  declare holeId: string;
  declare mendId: string;
  declare kind: string;
  declare inputsRevision: number;
  /** Of plans of engines before 0.5.0; later ones keep theirs in their event. */
  declare inputs: object | null;
  declare engineVersion: string;
  declare supersedesId: string | null;
  declare frozenAt: Date;
}
export class HoleSummaryRow extends Model<Row<HoleSummaryRow>, New<HoleSummaryRow>> {
  declare holeId: string;
  declare shopId: string;
  declare name: string;
  declare faceId: string | null;
  declare threadId: string | null;
  declare generation: number;
  declare repairs: number;
  declare openMendId: string | null;
  declare station: string | null;
  declare what: string | null;
  declare lastOutcome: string | null;
  declare doNotUse: boolean;
  declare clockWhat: string | null;
  declare clockDueAt: Date | null;
  declare updatedAt: Date;
  declare revision: number;
}
export class HoleHeadRow extends Model<Row<HoleHeadRow>, New<HoleHeadRow>> {
  declare holeId: string;
  declare shopId: string;
  declare fold: number;
  declare head: object;
}
export class Once extends Model<Row<Once>, New<Once>> {
  declare shopId: string;
  declare key: string;
  declare bodyDigest: string;
  declare recordedAt: Date;
}

// Functions, because Sequelize writes the field's name into the object that it is given.
const flag = () => ({ type: DataTypes.BOOLEAN, allowNull: false });
const uuidKey = () => ({ type: DataTypes.UUID, primaryKey: true });
const uuid = () => ({ type: DataTypes.UUID, allowNull: false });
const uuidOrNull = () => ({ type: DataTypes.UUID, allowNull: true });
const text = () => ({ type: DataTypes.TEXT, allowNull: false });
const textOrNull = () => ({ type: DataTypes.TEXT, allowNull: true });
const integer = () => ({ type: DataTypes.INTEGER, allowNull: false });
const json = () => ({ type: DataTypes.JSONB, allowNull: false });
const moment = () => ({ type: DataTypes.DATE, allowNull: false });
const momentOrNull = () => ({ type: DataTypes.DATE, allowNull: true });

/** Binds the models to a connection. One store per process, so the classes are bound once. */
export function bindModels(sequelize: Sequelize): void {
  const as = (tableName: string) => ({ sequelize, tableName, timestamps: false, underscored: true });
  Shop.init({ id: uuidKey(), settings: json(), revision: integer() }, as('shop'));
  ActorRow.init({ id: uuidKey(), shopId: uuid(), name: text(), role: text() }, as('actor'));
  Asset.init({ id: uuidKey(), shopId: uuid(), name: text(), note: text() }, as('asset'));
  Face.init({ id: uuidKey(), shopId: uuid(), assetId: uuid(), name: text() }, as('face'));
  Hole.init({ id: uuidKey(), shopId: uuid(), revision: integer() }, as('hole'));
  EventRow.init(
    {
      id: uuidKey(),
      shopId: uuid(),
      holeId: uuid(),
      seq: integer(),
      class: text(),
      kind: text(),
      payloadVersion: integer(),
      payload: json(),
      happenedAt: moment(),
      recordedAt: moment(),
      actorId: uuid(),
      origin: text(),
    },
    as('event'),
  );
  Mend.init(
    { id: uuidKey(), shopId: uuid(), holeId: uuid(), openedAt: moment(), closedAt: momentOrNull() },
    as('mend'),
  );
  Plan.init(
    {
      id: uuidKey(),
      shopId: uuid(),
      holeId: uuid(),
      mendId: uuid(),
      kind: text(),
      inputsRevision: integer(),
      inputs: { type: DataTypes.JSONB, allowNull: true },
      engineVersion: text(),
      supersedesId: uuidOrNull(),
      frozenAt: moment(),
    },
    as('plan'),
  );
  HoleSummaryRow.init(
    {
      holeId: uuidKey(),
      shopId: uuid(),
      name: text(),
      faceId: uuidOrNull(),
      threadId: textOrNull(),
      generation: integer(),
      repairs: integer(),
      openMendId: uuidOrNull(),
      station: textOrNull(),
      what: textOrNull(),
      lastOutcome: textOrNull(),
      doNotUse: flag(),
      clockWhat: textOrNull(),
      clockDueAt: { ...moment(), allowNull: true },
      updatedAt: moment(),
      revision: integer(),
    },
    as('hole_summary'),
  );
  HoleHeadRow.init({ holeId: uuidKey(), shopId: uuid(), fold: integer(), head: json() }, as('hole_head'));
  Once.init(
    {
      shopId: { ...uuid(), primaryKey: true },
      key: { ...text(), primaryKey: true },
      bodyDigest: text(),
      recordedAt: moment(),
    },
    as('once'),
  );
}
