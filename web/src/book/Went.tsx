import { isPulpFate } from '@ironpan/core/batch';
import { NOTICED, plannedAs, wentAs } from '@ironpan/core/comparing';
import type { Difference, Explained, Explanation, Made } from '@ironpan/core/comparing';
import { wentSteps } from '@ironpan/core/questions';
import type { WentStep } from '@ironpan/core/questions';
import {
  differenceName,
  differenceValue,
  duration,
  headlineText,
  join,
  MEASURE_NAMES,
  movedText,
  stepNamed,
  upper,
  wasText,
} from '@ironpan/core/words';
import { useMemo } from 'react';
import { useLive } from '../live/live';
import type { Running } from '../live/running';
import { fatesOfBatches } from '../store/fates';
import { Busy } from '../ui/Busy';
import { useWhyOf } from './beside/useWhy';

/** A figure of the table: close beside the next on a phone. */
const FIGURE = 'num py-1.5 pl-3 text-right max-wide:pl-2 max-wide:text-[0.85rem]';

interface Both {
  readonly planned: Made;
  readonly went: Made;
}
const bothOf = (r: Running): Both => ({
  planned: plannedAs(r.batch.recipe, r.batch),
  went: wentAs(r.batch, r.progress),
});

/** What is worth knowing of a finished batch, in a line; then each step as it was planned and as it went. */
export function Went({ r }: { readonly r: Running }) {
  const asked = useWhyOf(r);
  const both = useMemo(() => bothOf(r), [r]);
  const steps = useMemo(() => wentSteps(r.progress, r.batch), [r]);
  const finished = r.progress.state === 'finished';
  const fates = useLive(['fatesOf', r.batch.id], () => fatesOfBatches([r.batch.id])).data;
  const was = wasText((fates ?? []).filter((f) => !isPulpFate(f)));
  return (
    <section aria-label="How it went" className="plate p-4">
      {finished && (
        <p className="mb-3 text-lg leading-snug font-semibold" role="status">
          {headlineText(r.progress, r.batch, asked.now, both.planned, both.went, was)}
        </p>
      )}
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 className="mb-1 text-xl">Planned and done</h2>
        <Busy what="Folding each difference" asked={asked} />
      </div>
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="Planned and done, step by step">
        <table className="table w-full">
          <thead>
            <tr>
              <th scope="col">step</th>
              <th scope="col" className="pl-3 text-right!">
                planned
              </th>
              <th scope="col" className="pl-3 text-right!">
                done
              </th>
              <th scope="col" className="pl-4 max-wide:hidden">
                what it moved (estimates)
              </th>
            </tr>
          </thead>
          <tbody>
            {steps.map((s) => (
              <Step key={s.step.id} s={s} r={r} both={both} e={asked.now} />
            ))}
            <Others r={r} both={both} e={asked.now} steps={steps} />
            <Rest e={asked.now} />
          </tbody>
        </table>
      </div>
    </section>
  );
}

/** At which step a difference came in: its own, or the one at which the thing was read. */
function placeOf(d: Difference, r: Running): string | null {
  if ('step' in d.at) return d.at.step;
  if (d.at.of !== 'coefficient') return null;
  const { id } = d.at;
  return r.progress.outcome.fits.find((f) => f.coefficient === id)?.step ?? null;
}

interface StepProps {
  readonly r: Running;
  readonly both: Both;
  readonly e: Explanation | null;
}
const long = (s: number | null): string => (s === null ? '–' : join(duration(s)));
const HOW: Readonly<Record<WentStep['how'], string>> = {
  done: '',
  skipped: 'left out',
  added: 'came in while it was made',
  open: 'not done',
};
function Step({ s, r, both, e }: StepProps & { readonly s: WentStep }) {
  const of = s.how === 'skipped' ? both.planned : both.went;
  const mine = (e?.differences ?? []).flatMap((d, i) => (placeOf(d, r) === s.step.id ? [[d, i] as const] : []));
  return (
    <>
      <tr>
        <th scope="row" className="py-1.5 text-left font-semibold">
          {stepNamed(s.step.id, of)}
          {HOW[s.how] !== '' && <span className="quiet small font-normal"> {HOW[s.how]}</span>}
        </th>
        <td className={`${FIGURE} font-normal!`}>{long(s.plannedS)}</td>
        <td className={`${FIGURE} font-normal!`}>{long(s.tookS)}</td>
        <td className="max-wide:hidden" />
      </tr>
      {mine.map(([d, i]) => (
        <Line key={d.key} d={d} at={i} both={both} e={e} under />
      ))}
    </>
  );
}
/** What belongs to no step: other steps, a thing that is another. */
function Others({ r, both, e, steps }: StepProps & { readonly steps: readonly WentStep[] }) {
  const there = new Set(steps.map((s) => s.step.id));
  return e?.differences.map((d, i) => {
    const at = placeOf(d, r);
    return at !== null && there.has(at) ? null : <Line key={d.key} d={d} at={i} both={both} e={e} under={false} />;
  });
}

interface LineProps extends Omit<StepProps, 'r'> {
  readonly d: Difference;
  readonly at: number;
  readonly under: boolean;
}
/** More of them no line has room for. */
const MOST_MOVED = 2;
function Line({ d, at, both, e, under }: LineProps) {
  const name = differenceName(d.at, both.went);
  return (
    <tr>
      <th scope="row" className={`py-1.5 text-left font-normal ${under ? 'pl-6' : ''}`}>
        {upper(under && d.at.of === 'param' ? (name.split(': ').at(-1) ?? name) : name)}
        <Below moved={movedBy(e, at)} />
      </th>
      <td className={`${FIGURE} font-normal!`}>{differenceValue(d.at, d.from, both.planned)}</td>
      <td className={FIGURE}>{differenceValue(d.at, d.to, both.went)}</td>
      <td className="py-1.5 pl-4 max-wide:hidden">{movedBy(e, at)}</td>
    </tr>
  );
}
/** On a phone what it moved stands under its name. */
const Below = ({ moved }: { readonly moved: string }) => <span className="small quiet block wide:hidden">{moved}</span>;

/** What nothing that was written down explains: of the scale, or of what nobody saw. */
function Rest({ e }: { readonly e: Explanation | null }) {
  const moved = e ? movedOf(e, (b) => b.rest) : '';
  return moved === '' ? null : (
    <tr>
      <th scope="row" colSpan={3} className="py-1.5 text-left font-normal">
        Nothing that was written down
        <Below moved={moved} />
      </th>
      <td className="py-1.5 pl-4 max-wide:hidden">{moved}</td>
    </tr>
  );
}

type Told = NonNullable<Explanation['because'][Explained]>;
/** What moved, the most telling first: “yield −47 ml; strength +0.2 %”; nothing that anybody would notice: empty. */
function movedOf(e: Explanation, share: (b: Told) => number): string {
  return (Object.entries(e.because) as [Explained, Told][])
    .map(([of, b]) => ({ of, by: share(b) }))
    .filter(({ of, by }) => Math.abs(by) >= NOTICED[of])
    .sort((a, b) => Math.abs(b.by) / NOTICED[b.of] - Math.abs(a.by) / NOTICED[a.of])
    .slice(0, MOST_MOVED)
    .map(({ of, by }) => `${MEASURE_NAMES[of]} ${movedText(of, by)}`)
    .join('; ');
}
const movedBy = (e: Explanation | null, at: number): string =>
  e ? movedOf(e, (b) => b.shares[at] ?? 0) || 'nothing to notice' : '…';
