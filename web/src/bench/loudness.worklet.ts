import { loudnessDb } from '@ironpan/core/detect';

/** What the sound thread offers; the page's own types do not know it. */
declare const sampleRate: number;
declare const currentTime: number;
declare class AudioWorkletProcessor {
  readonly port: MessagePort;
}
declare function registerProcessor(name: string, of: new () => AudioWorkletProcessor): void;

/** A look at the loudness is over so many s. */
const EVERY_S = 0.05;

/**
 * How loud it is, twenty times a second, on the sound's own thread: a page in the background is asked for nothing more than
 * once a second, and a load is timed to the tenth. Only the figure leaves it.
 */
class Loudness extends AudioWorkletProcessor {
  readonly #samples = new Float32Array(Math.round(EVERY_S * sampleRate));
  #n = 0;
  process(inputs: readonly (readonly Float32Array[])[]): boolean {
    const heard = inputs[0]?.[0];
    if (!heard) return true;
    for (const x of heard) {
      this.#samples[this.#n] = x;
      this.#n += 1;
      if (this.#n < this.#samples.length) continue;
      this.#n = 0;
      this.port.postMessage({ s: currentTime, db: loudnessDb(this.#samples) });
    }
    return true;
  }
}
registerProcessor('loudness', Loudness);
