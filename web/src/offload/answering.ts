/** How far it is, of how much; told to the page about every 50 ms. */
export type Say = (done: number, of: number) => void;
const EVERY_MS = 50;

/** Answers each message of a worker: what came out, or why not, and on the way how far it is. */
export function answering(answer: (asked: never, say: Say) => Promise<unknown>): void {
  self.onmessage = (e: MessageEvent<unknown>) => {
    let said = performance.now();
    const say: Say = (done, of) => {
      if (performance.now() - said < EVERY_MS) return;
      said = performance.now();
      self.postMessage({ progress: done / of });
    };
    answer(e.data as never, say).then(
      (done) => self.postMessage({ done }),
      (x: unknown) => {
        const error = x instanceof Error ? { name: x.name, message: x.message } : { name: 'Error', message: String(x) };
        self.postMessage({ error });
      },
    );
  };
}
