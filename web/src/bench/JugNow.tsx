import { climbAt, climbReaches, ranForS, timerS, warmNowC } from '@ironpan/core/batch';
import type { ClimbPoint, TaskState } from '@ironpan/core/batch';
import type { Beliefs } from '@ironpan/core/kitchen';
import { SLIP_SCALE, wordsFrom } from '@ironpan/core/steps';
import type { FigureName, Stage } from '@ironpan/core/steps';
import { plain } from '@ironpan/core/units';
import { celsius, clock, join, SLIP_WORDS } from '@ironpan/core/words';
import { Climb } from '../drawings/Climb';
import type { ClimbZone } from '../drawings/Climb';
import { Vessel } from '../drawings/Vessel';
import type { Running } from '../live/running';
import { useClimb } from './useClimb';

interface JugNowProps {
  readonly r: Running;
  readonly t: TaskState;
  readonly stage: Stage;
  readonly now: number;
  readonly probeC: number | null;
}
/** Slime beyond this is no more of a word than slimy: the top of the column. */
const SLIMIEST = 5;
/** Where each word of slip begins in this kitchen, and the top of the column. */
function slipFrom(beliefs: Beliefs): readonly number[] {
  const { silky, slippery, slimy } = wordsFrom('slip', beliefs);
  return [1, silky, slippery, slimy, Math.max(SLIMIEST, 1.2 * slimy)];
}
/** Each word has a quarter of the column, whatever it spans. */
function slimeHeight(slime: number, from: readonly number[]): number {
  const i = from.findLastIndex((x) => slime >= x);
  if (i < 0) return 0;
  const [a, b] = [from[i], from[i + 1]];
  return a === undefined || b === undefined ? 1 : (i + (slime - a) / (b - a)) / (from.length - 1);
}
const SLIP_FILLS = ['var(--leaf-soft)', 'var(--oat-milk)', 'var(--amber-soft)', 'var(--flame-soft)'];
const SLIP_ZONES: readonly ClimbZone[] = SLIP_SCALE.map((word, i) => ({
  from: i / SLIP_SCALE.length,
  word: SLIP_WORDS[word],
  fill: SLIP_FILLS[i] ?? '',
}));
const OPEN_ZONES: readonly ClimbZone[] = [
  { from: 0, word: 'whole', fill: 'var(--flame-soft)' },
  { from: 0.5, word: 'half open', fill: 'var(--amber-soft)' },
  { from: 0.8, word: 'open', fill: 'var(--leaf-soft)' },
];
/** Less than this climbs to no slime worth a column; then it is the opening of the cells that is watched. */
const SOME_SLIME = 1.03;

/** The jug as it turns: how warm, and how far what it makes has climbed towards where the plan stops. */
export function JugNow({ r, t, stage, now, probeC }: JugNowProps) {
  const f = (name: FigureName): number => stage.figures[name] ?? 0;
  const climb = useClimb(r, t);
  const c = probeC ?? warmNowC(t, now);
  const rated = Math.max(1, f('jugRatedMl'));
  const goes = t.status === 'running' && t.pausedAt === null;
  return (
    <div className="grid grid-cols-[minmax(0,1.1fr)_minmax(0,1fr)] items-end gap-x-3">
      <Vessel
        kind="jug"
        full={f('loadFoamMl') / rated}
        mark={f('jugHoldsMl') / rated}
        fill="var(--milk)"
        moves={goes}
        ice={f('iceLeftG') > 0}
        {...(c !== null && { word: join(celsius(c)) })}
      />
      {climb && <Column climb={climb} t={t} ranS={ranForS(t, now)} from={slipFrom(r.batch.beliefs)} />}
    </div>
  );
}

function Column({
  climb,
  t,
  ranS,
  from,
}: {
  readonly climb: readonly ClimbPoint[];
  readonly t: TaskState;
  readonly ranS: number;
  readonly from: readonly number[];
}) {
  const slimy = climb.some((x) => x.slime > SOME_SLIME);
  const of = slimy ? 'slime' : 'opened';
  const height = (x: number): number => (slimy ? slimeHeight(x, from) : x);
  const planned = timerS(t.task);
  const now = climbAt(climb, of, ranS);
  const stop = climbAt(climb, of, planned);
  const word = (x: number): string =>
    slimy ? SLIP_WORDS[SLIP_SCALE[from.findLastIndex((least) => x >= least)] ?? 'slimy'] : `${plain(100 * x)}\u00a0%`;
  const next = slimy ? from.find((least) => least > Math.max(now, stop)) : undefined;
  const nextS = next === undefined ? null : climbReaches(climb, of, next);
  return (
    <>
      <Climb
        zones={slimy ? SLIP_ZONES : OPEN_ZONES}
        now={height(now)}
        stop={height(stop)}
        stopWord={`stop, ${clock(planned)}`}
        isWorse={slimy}
      />
      <p className="col-span-2 mt-1.5 text-[1.05rem]">
        {slimy ? 'slip' : 'cells open'} <b>{word(now)}</b>, at the stop <b>{word(stop)}</b>
        {slimy && ranS > planned + 1 && (
          <b className="block" style={{ color: 'var(--flame-text)' }}>
            {clock(ranS - planned)} past the stop. Switch it off.
          </b>
        )}
        {nextS !== null && next !== undefined && (
          <span className="quiet">
            ; {word(next)} from {clock(nextS)}
          </span>
        )}
      </p>
    </>
  );
}
