export interface LeverBar {
  readonly key: string;
  readonly name: string;
  readonly lowText: string;
  readonly highText: string;
  /** How far the measure goes at the lever's low and high end, −1..1 of the widest bar; what it then is. */
  readonly low: number;
  readonly high: number;
  readonly lowValue: string;
  readonly highValue: string;
}
interface LeverBarsProps {
  readonly bars: readonly LeverBar[];
  readonly caption: string;
  readonly less: string;
  readonly more: string;
}
/** One bar a lever, both ways from what is planned: less of the measure to the left, more to the right. */
export function LeverBars({ bars, caption, less, more }: LeverBarsProps) {
  return (
    <table className="w-full border-collapse">
      <caption className="sr-only">{caption}</caption>
      <thead>
        <tr className="small quiet">
          <th scope="col" className="sr-only">
            Lever
          </th>
          <th scope="col" className="font-normal">
            <span className="flex justify-between px-1">
              <span>← {less}</span>
              <span>{more} →</span>
            </span>
          </th>
        </tr>
      </thead>
      <tbody>
        {bars.map((b) => (
          <tr key={b.key} className="rowline">
            <th
              scope="row"
              className="w-40 py-1.5 pr-2 text-left align-middle leading-tight font-semibold max-wide:w-28"
            >
              {b.name}
            </th>
            <td className="py-1.5 align-middle">
              <Bar bar={b} />
              <span className="sr-only">
                {b.lowText}: {b.lowValue}; {b.highText}: {b.highValue}
              </span>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

const HALF = 100;
function Bar({ bar }: { readonly bar: LeverBar }) {
  const ends = [
    { at: bar.low, text: bar.lowText },
    { at: bar.high, text: bar.highText },
  ];
  const left = Math.min(0, bar.low, bar.high);
  const right = Math.max(0, bar.low, bar.high);
  const textAt = (way: 'left' | 'right'): string => {
    const e = ends.filter((x) => (way === 'left' ? x.at < -0.01 : x.at > 0.01));
    const far = e.sort((a, b) => Math.abs(b.at) - Math.abs(a.at))[0];
    return far ? far.text : '';
  };
  const rect = (from: number, to: number, fill: string) =>
    to - from > 0.005 ? (
      <rect
        x={HALF + from * HALF}
        y={2}
        width={(to - from) * HALF}
        height={15}
        fill={fill}
        stroke="var(--ink)"
        strokeWidth={0.8}
        vectorEffect="non-scaling-stroke"
      />
    ) : null;
  return (
    <div aria-hidden="true">
      <svg viewBox={`0 0 ${2 * HALF} 19`} preserveAspectRatio="none" className="block h-5 w-full">
        {rect(left, 0, 'var(--water-fill)')}
        {rect(0, right, 'var(--flame-soft)')}
        <line
          x1={HALF}
          x2={HALF}
          y1={0}
          y2={19}
          stroke="var(--ink)"
          strokeWidth={1.5}
          vectorEffect="non-scaling-stroke"
        />
      </svg>
      <div className="small num flex justify-between leading-tight font-normal!">
        <span style={{ color: 'var(--water-text)' }}>{textAt('left')}</span>
        <span style={{ color: 'var(--flame-text)' }}>{textAt('right')}</span>
      </div>
    </div>
  );
}
