// A shop in a process of its own, as a start command runs it: it says where it is and which processes are its own.
import { onStop, runShop } from './runShop.mjs';

const { home, port, firstPauseMs } = JSON.parse(process.argv[2]);
const shop = await runShop({ home, port, logLevel: 'silent', say: () => undefined, firstPauseMs });
onStop(shop.stop);
process.on('message', () => process.send(shop.pids()));
process.send(shop.pids());
