/** Answers each message of a worker that is asked more than once: what came out, or why not. */
export function answering(answer: (asked: never) => Promise<unknown>): void {
  self.onmessage = (e: MessageEvent<unknown>) => {
    answer(e.data as never).then(
      (done) => self.postMessage({ done }),
      (x: unknown) => {
        const error = x instanceof Error ? { name: x.name, message: x.message } : { name: 'Error', message: String(x) };
        self.postMessage({ error });
      },
    );
  };
}
