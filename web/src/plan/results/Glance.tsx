import type { Look } from '@ironpan/core/questions';
import { BEFORE_ID, RESULTS_ID } from './places';
import { bodyText, join, millilitres, percent } from '@ironpan/core/words';

interface GlanceProps {
  readonly look: Look;
}
/** Where the results stand far below (on a phone, or under what is to be mended) the main ones stay in sight while the stations are turned. */
export function Glance({ look }: GlanceProps) {
  const m = look.summary.main;
  const mends = look.warnings.filter((w) => w.weight !== 'know').length;
  const show = (id: string) => (): void => {
    const still = window.matchMedia('(prefers-reduced-motion: reduce)').matches;
    document.getElementById(id)?.scrollIntoView({ behavior: still ? 'auto' : 'smooth', block: 'start' });
  };
  return (
    <div
      className="sticky top-0 z-10 wide:top-[3.05rem] flex min-h-11 items-center justify-between gap-3 px-3 py-1.5"
      style={{ background: 'var(--plate)', borderBlock: '1px solid var(--line)' }}
    >
      <button type="button" className="min-w-0 text-left leading-tight" onClick={show(RESULTS_ID)}>
        <span className="sr-only">What you should get: </span>
        {m && m.massG >= 1 ? (
          <>
            <b className="num">{join(millilitres(look.summary.jarredMl))}</b> ·{' '}
            <span className="num">{join(percent(m.solids ?? 0))}</span>
            {m.body && <> · {bodyText(m.body)}</>}
          </>
        ) : (
          'no milk yet'
        )}
      </button>
      {mends > 0 && (
        <button type="button" className="link shrink-0" onClick={show(BEFORE_ID)}>
          {mends} to mend
        </button>
      )}
    </div>
  );
}
