import { approachRanges } from '@ironpan/core/learning';
import { plain } from '@ironpan/core/units';
import { useMemo } from 'react';
import type { Parting } from '../../offload/lasting.worker';
import { PartsChart } from './PartsChart';

/** Methods drawn beside each other; more could not be told apart. */
const MOST = 4;
/** A milk of which less than this goes clear does not part, share. */
const PARTS_FROM = 0.03;

interface HowItPartsProps {
  readonly parts: readonly Parting[];
  readonly methods: readonly { readonly id: string; readonly name: string }[];
}
/** How a milk parts in this kitchen, method beside method: fitted to what was seen, the expectation as a start. */
export function HowItParts({ parts, methods }: HowItPartsProps) {
  const lines = useMemo(() => {
    const nameOf = (id: string | null): string => methods.find((m) => m.id === id)?.name ?? 'other ways';
    return parts.slice(0, MOST).map((p) => ({ ...p, name: nameOf(p.method), ranges: approachRanges(p.fitted) }));
  }, [parts, methods]);
  const does = lines.some((l) => Math.max(l.fitted.finalShare, l.expected.finalShare) >= PARTS_FROM);
  if (lines.length === 0) return null;
  const looks = lines.reduce((n, l) => n + l.seen.length, 0);
  if (!does) return <p className="mt-3">It does not part: {looks} looks found no watery or clear layer.</p>;
  return (
    <section aria-label="How it parts" className="mt-4">
      <h3 className="text-lg">How it parts</h3>
      <PartsChart lines={lines} />
      <table className="table w-full">
        <thead>
          <tr>
            <th scope="col">method</th>
            <th scope="col" className="text-right!">
              looks
            </th>
            <th scope="col" className="text-right!">
              clear in the end
            </th>
            <th scope="col" className="text-right!">
              half of it after
            </th>
          </tr>
        </thead>
        <tbody>
          {lines.map((l) => (
            <tr key={l.name}>
              <td>{l.name}</td>
              <td className="num text-right">{l.seen.length}</td>
              <td className="num text-right">{share(l.ranges.final)}</td>
              <td className="num text-right">{hours(l.ranges.halfH)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="small quiet mt-1">
        Clear share of the fill, by hours at 4 °C since it was shaken. Estimates, with their 80 % range.
      </p>
    </section>
  );
}
const share = ([low, x, high]: readonly [number, number, number]): string =>
  `${plain(100 * x)} % (${plain(100 * low)}–${plain(100 * high)})`;
function hours([low, x, high]: readonly [number, number, number]): string {
  const h = (v: number): string => plain(v, v < 10 ? 1 : 0);
  return `${h(x)} h (${h(low)}–${h(high)})`;
}
