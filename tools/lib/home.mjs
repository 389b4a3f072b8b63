import { existsSync } from 'node:fs';
import { ROOT } from './bootstrap.mjs';
import { keptFolder } from './keptFolder.mjs';
import { ownersOf, runAs, traversable } from './postgres.mjs';

/** Where every clone kept its data before each had a folder of its own. */
const ONCE_SHARED = '/var/tmp/deep-mend-data';

/** Where this clone keeps the data of a mode, as far as the database's user can reach; DATA_ROOT: under another folder. */
export function homeOf(mode) {
  const root = process.env.DATA_ROOT ?? ROOT;
  const ids = runAs();
  const home = keptFolder({
    root,
    mode,
    reachable: ids.uid === undefined || traversable(root),
    owners: ownersOf(ids),
  });
  if (!home.startsWith(root)) {
    console.log(`The postgres user cannot reach the project's folder; the data is kept in ${home}`);
    if (existsSync(ONCE_SHARED) && !existsSync(home))
      console.log(`An older start kept data in ${ONCE_SHARED}. To go on with it, stop and move it there.`);
  }
  return home;
}
