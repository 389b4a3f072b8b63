import { sensitivity, type HoleCase } from '@deep-mend/core';

// Twenty whole proposals: too much for a keystroke, nothing for a worker that waits until the hand rests.
self.onmessage = ({ data }: MessageEvent<{ ask: number; hole: HoleCase }>) => {
  self.postMessage({ ask: data.ask, rows: sensitivity(data.hole) });
};
