import { readLogger } from '@ironpan/core/formats';
import type { LoggerHow } from '@ironpan/core/formats';

export interface LoggerAsked {
  readonly text: string;
  readonly how: LoggerHow;
}
self.onmessage = (e: MessageEvent<LoggerAsked>) => {
  const local = (y: number, m: number, d: number, h: number, min: number, s: number): number =>
    new Date(y, m - 1, d, h, min, s).getTime();
  self.postMessage({ done: readLogger(e.data.text, local, e.data.how) });
};
