// What is bundled over the toy additions and run: the headless planner, the whole server and the list of
// stations, as they ship.
export { answerLine } from '../../../cli/src/answer.ts';
export { createApp } from '../../src/app.ts';
export { connect } from '../../src/store/connect.ts';
export { ensureShop } from '../../src/usecases/shop/ensureShop.ts';
export { migrate } from '../../src/store/migrate.ts';
export { foldHole } from '@deep-mend/core';
export { shutStations, STATION_IDS } from '../../../web/src/features/mend/stations/registry.ts';
