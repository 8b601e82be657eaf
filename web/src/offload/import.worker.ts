import { readBackup } from '@ironpan/core/formats';

/** Reads and judges a kitchen's file away from the screen; Joi is only ever here. */
self.onmessage = (e: MessageEvent<string>) => {
  self.postMessage({ done: readBackup(e.data) });
};
