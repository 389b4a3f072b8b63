// What `npm run record` bundles and calls.
export { ENGINE_VERSION } from '@deep-mend/core';
export { recordedReplies } from './replies.ts';
export { recordedShop } from './shop.ts';
