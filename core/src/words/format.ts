import type { Figure } from '../checks';
import { HOUR_S, plain } from '../units';

const NB = '\u00a0';

/** Number and unit apart, so that a screen can set the number large. */
export interface Spoken {
  readonly n: string;
  readonly unit: string;
}
/** Figure and unit, never parted at the end of a line. */
export const join = (s: Spoken): string => (s.unit === '' ? s.n : `${s.n}${NB}${s.unit}`);

/** The first letter as a sentence begins. */
export const upper = (s: string): string => s.charAt(0).toUpperCase() + s.slice(1);

/** 0.4 → 0.4 g · 34.2 → 34 g · 1350 → 1 350 g · 12 400 → 12.4 kg. */
export function grams(g: number): Spoken {
  if (Math.abs(g) >= 10_000) return { n: plain(g / 1000, 1), unit: 'kg' };
  return { n: plain(g, Math.abs(g) < 10 && g !== Math.round(g) ? 1 : 0), unit: 'g' };
}
/** 640 → 640 ml · 1630 → 1.63 L. */
export function millilitres(ml: number): Spoken {
  return ml >= 1000 ? { n: plain(ml / 1000, 2), unit: 'L' } : { n: plain(ml), unit: 'ml' };
}
/** A temperature, °C, as a cook reads it. */
export const celsius = (c: number): Spoken => ({
  n: plain(c, c < 10 || Math.abs(c - Math.round(c)) > 0.05 ? 1 : 0),
  unit: '°C',
});
/** A share as per cent: 0.0692 → 6.9 % · 0.88 → 88 %. */
export const percent = (x: number): Spoken => ({ n: plain(100 * x, x < 0.1 ? 1 : 0), unit: '%' });

/** What is set to the second is set to so many: 150 s is 2 min 30 s, and a reckoned 148.3 s is about 2 min. */
const SET_TO_S = 5;
const TO_THE_SECOND_S = 600;
/** A length of time as a kitchen says it: 45 → 45 s · 150 → 2 min 30 s · 600 → 10 min · 5400 → 1 h 30 min · 250 000 → 2 d 21 h. */
export function duration(s: number): Spoken {
  const t = Math.max(0, s);
  if (!Number.isFinite(t)) return { n: '–', unit: '' };
  if (t < 99.5) return { n: plain(t), unit: 's' };
  if (t < TO_THE_SECOND_S && t % 60 !== 0 && t % SET_TO_S === 0)
    return { n: `${Math.floor(t / 60)}${NB}min${NB}${t % 60}`, unit: 's' };
  const min = Math.round(t / 60);
  if (min < 90) return { n: plain(min), unit: 'min' };
  if (min < 36 * 60) {
    const rest = min % 60;
    return { n: `${Math.floor(min / 60)}${NB}h${rest === 0 ? '' : `${NB}${rest}${NB}min`}`, unit: '' };
  }
  const hours = Math.round(t / HOUR_S);
  return { n: `${Math.floor(hours / 24)}${NB}d${hours % 24 === 0 ? '' : `${NB}${hours % 24}${NB}h`}`, unit: '' };
}

/** A length of time that is estimated: from a minute and a half on no finer than a minute. */
export const about = (s: number): Spoken => duration(s < 99.5 ? s : 60 * Math.round(s / 60));
/** Time left, no finer than it can be known: 18 400 → 5 h · 110 000 → 1 d 6 h · 2000 → 33 min. */
export function roughly(s: number): Spoken {
  if (s < 2 * HOUR_S) return duration(s);
  return duration(Math.floor(s / HOUR_S) * HOUR_S);
}

/** A running clock: 754 → 12:34 · 36 610 → 10:10:10. Past its end it is told as zero. */
export function clock(s: number): string {
  const t = Math.max(0, Math.floor(s + 1e-6));
  const two = (x: number) => String(x).padStart(2, '0');
  const h = Math.floor(t / HOUR_S);
  const m = Math.floor((t % HOUR_S) / 60);
  return h > 0 ? `${h}:${two(m)}:${two(t % 60)}` : `${m}:${two(t % 60)}`;
}

/** Any figure of a check in words. */
export function figureText(f: Figure | undefined): string {
  if (!f) return '–';
  switch (f.unit) {
    case 'g':
      return join(grams(f.value));
    case 'ml':
      return join(millilitres(f.value));
    case 'C':
      return join(celsius(f.value));
    case 's':
      return join(duration(f.value));
    case 'share':
      return join(percent(f.value));
    case 'um':
      return `${plain(f.value)}${NB}µm`;
    case 'm':
      return `${plain(f.value)}${NB}m`;
    case 'times':
      return f.value > 30 ? 'more than 30' : plain(f.value, 1);
    case 'count':
    case 'index':
      return plain(f.value);
  }
}
