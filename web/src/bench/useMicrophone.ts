import { loudnessDb } from '@ironpan/core/detect';
import type { LoudFrame } from '@ironpan/core/detect';
import { useCallback, useEffect, useRef, useState } from 'react';
import worklet from './loudness.worklet.ts?worker&url';

/** off; asking: the browser asks the cook; on; refused; gone: it was taken away while it was on. */
export type Microphone = 'off' | 'asking' | 'on' | 'refused' | 'gone';
/** Between two looks at the loudness, ms. */
const EVERY_MS = 50;
/** Samples that a look is over. */
const SAMPLES = 2048;

/** Can this browser listen at all? Not over plain http from another machine. */
export const canListen = (): boolean =>
  typeof (navigator as { mediaDevices?: MediaDevices }).mediaDevices?.getUserMedia === 'function';

interface Open {
  readonly stream: MediaStream;
  readonly audio: AudioContext;
  /** Ends the looking. */
  readonly stop: () => void;
}
function close({ stream, audio, stop }: Open): void {
  stop();
  for (const t of stream.getTracks()) t.stop();
  void audio.close();
}

/**
 * The microphone, from a press until it is switched off or the page goes. Only how loud it is is taken from it, here in the
 * page: no sound is kept, and none leaves.
 */
export function useMicrophone(onFrame: (f: LoudFrame) => void): {
  readonly is: Microphone;
  readonly on: () => void;
  readonly off: () => void;
} {
  const [is, setIs] = useState<Microphone>('off');
  const open = useRef<Open | null>(null);
  const wanted = useRef(false);
  const frame = useRef(onFrame);
  useEffect(() => {
    frame.current = onFrame;
  });
  const off = useCallback((then: Microphone = 'off'): void => {
    wanted.current = false;
    if (open.current) close(open.current);
    open.current = null;
    setIs(then);
  }, []);
  const on = useCallback((): void => {
    if (wanted.current) return;
    wanted.current = true;
    setIs('asking');
    listen(
      (f) => frame.current(f),
      () => off('gone'),
    ).then(
      (o) => {
        // Switched off again while the browser was asking.
        if (!wanted.current) {
          close(o);
          return;
        }
        open.current = o;
        setIs('on');
      },
      () => off('refused'),
    );
  }, [off]);
  useEffect(
    () => () => {
      wanted.current = false;
      if (open.current) close(open.current);
      open.current = null;
    },
    [],
  );
  return { is, on, off: () => off() };
}
async function listen(onFrame: (f: LoudFrame) => void, onGone: () => void): Promise<Open> {
  // As it is: what makes speech clear takes the motor away.
  const plain = { echoCancellation: false, noiseSuppression: false, autoGainControl: false };
  const stream = await navigator.mediaDevices.getUserMedia({ audio: plain });
  const audio = new AudioContext();
  await audio.resume();
  for (const t of stream.getTracks()) t.addEventListener('ended', onGone);
  const from = audio.createMediaStreamSource(stream);
  const stop = await onItsThread(audio, from, onFrame).catch(() => inThePage(audio, from, onFrame));
  return { stream, audio, stop };
}
/** On the sound's own thread, which goes on while the page is in the background. */
async function onItsThread(audio: AudioContext, from: AudioNode, onFrame: (f: LoudFrame) => void): Promise<() => void> {
  await audio.audioWorklet.addModule(worklet);
  const node = new AudioWorkletNode(audio, 'loudness', { numberOfOutputs: 0 });
  // The sound's clock, told on the page's.
  const ahead = performance.now() / 1000 - audio.currentTime;
  node.port.onmessage = (e: MessageEvent<LoudFrame>) => onFrame({ s: e.data.s + ahead, db: e.data.db });
  from.connect(node);
  return () => {
    node.port.onmessage = null;
    from.disconnect();
  };
}
/** Where that is not to be had, by the page's clock: in the background it is then rough. */
function inThePage(audio: AudioContext, from: AudioNode, onFrame: (f: LoudFrame) => void): () => void {
  const look = audio.createAnalyser();
  look.fftSize = SAMPLES;
  from.connect(look);
  const samples = new Float32Array(SAMPLES);
  const timer = setInterval(() => {
    look.getFloatTimeDomainData(samples);
    onFrame({ s: performance.now() / 1000, db: loudnessDb(samples) });
  }, EVERY_MS);
  return () => clearInterval(timer);
}
