import type { LeverMap } from '@ironpan/core/questions';

interface MapTableProps {
  readonly map: LeverMap;
  readonly say: (ground: number) => string;
  readonly xText: (v: number) => string;
  readonly yText: (v: number) => string;
  readonly onPick: (x: number, y: number) => void;
}
const EVERY_X = 4;
const EVERY_Y = 3;

/** The map as a table: for the keyboard, and for those who do not see it. Every cell can be pressed. */
export function MapTable({ map, say: groundText, xText, yText, onPick }: MapTableProps) {
  const xs = map.xs.map((x, i) => [x, i] as const).filter(([, i]) => i % EVERY_X === 0);
  const ys = map.ys
    .map((y, j) => [y, j] as const)
    .filter(([, j]) => j % EVERY_Y === 0)
    .reverse();
  const say = (i: number, j: number): string => {
    const at = (g: LeverMap['ground']): number => g[j]?.[i] ?? 0;
    const words = [
      at(map.slimy) >= 0.5 ? 'slippery' : '',
      at(map.watery) >= 0.5 ? 'watery' : '',
      at(map.thick) >= 0.5 ? 'too thick' : '',
    ].filter((w) => w !== '');
    return `${groundText(at(map.ground))}${words.length > 0 ? `, ${words.join(', ')}` : ''}`;
  };
  return (
    <details className="mt-1">
      <summary className="cursor-pointer">The map as a table</summary>
      <div className="overflow-x-auto">
        <table className="mt-1 text-[0.9rem]">
          <caption className="small quiet text-left">Press a cell to take the plan there</caption>
          <thead>
            <tr>
              <td />
              {xs.map(([x]) => (
                <th key={x} scope="col" className="px-2 font-normal">
                  {xText(x)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {ys.map(([y, j]) => (
              <tr key={y} className="rowline">
                <th scope="row" className="pr-2 text-right font-normal whitespace-nowrap">
                  {yText(y)}
                </th>
                {xs.map(([x, i]) => (
                  <td key={x} className="px-1">
                    <button type="button" className="link num min-h-9 px-1" onClick={() => onPick(x, y)}>
                      {say(i, j)}
                    </button>
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </details>
  );
}
