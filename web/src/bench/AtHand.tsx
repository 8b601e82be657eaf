import { warmNowC } from '@ironpan/core/batch';
import type { TaskState } from '@ironpan/core/batch';
import { FOAM_FROM_C } from '@ironpan/core/detect';
import { boilsAtC, TRUE_BOIL_C } from '@ironpan/core/steps';
import type { FigureName, Stage } from '@ironpan/core/steps';
import { celsius, join, percent } from '@ironpan/core/words';
import { Bowl } from '../drawings/Bowl';
import { Vessel } from '../drawings/Vessel';
import { soakOf } from '../live/running';
import type { Running } from '../live/running';
import { JugNow } from './JugNow';

interface AtHandProps {
  readonly r: Running;
  readonly t: TaskState;
  readonly stage: Stage;
  readonly now: number;
  /** What a probe in it tells, °C: that goes before what is reckoned. */
  readonly probeC: number | null;
}
/** It stands highest shortly before the boil, so many K above where it begins to climb (common practice). */
const FOAM_FULL_K = 10;
/** What is left of it while it boils, as a share. */
const FOAM_AT_BOIL = 0.25;

/** The thing in front of the cook, drawn with what is in it as it stands now: by the same fold. */
export function AtHand({ r, t, stage, now, probeC }: AtHandProps) {
  const f = (name: FigureName): number => stage.figures[name] ?? 0;
  const c = probeC ?? warmNowC(t, now);
  const goes = t.status === 'running' && t.pausedAt === null;
  const warm = (else_: number | null = null): { readonly word?: string } => {
    const said = c ?? else_;
    return said === null ? {} : { word: join(celsius(said)) };
  };
  switch (t.step.kind) {
    case 'soak': {
      const soak = soakOf(r, t, now);
      return (
        <div>
          <Bowl uptake={soak ? soak.uptakeShare : 0} full={f('bowlShare')} width={230} />
          {soak && (
            <p className="mt-2 text-[1.19rem]">
              drunk <span className="num">{join(percent(soak.uptakeShare))}</span> of what they can hold
            </p>
          )}
        </div>
      );
    }
    case 'grind':
      return <JugNow r={r} t={t} stage={stage} now={now} probeC={probeC} />;
    case 'strain':
    case 'wash':
      return <Vessel kind="cloth" full={0.6} fill="var(--milk)" moves />;
    case 'boil':
    case 'blanch':
    case 'absorb':
    case 'heat': {
      const boilC = boilsAtC(r.batch.kit);
      const boils = goes && c !== null && c >= boilC - TRUE_BOIL_C;
      const foams = r.progress.recipe.materials.some((m) => m.foamShare > 0);
      const climbs = c === null ? 0 : Math.max(0, Math.min(1, (c - FOAM_FROM_C) / FOAM_FULL_K));
      return (
        <Vessel
          kind="pot"
          full={f('potShare')}
          mark={f('potLimit')}
          fill="var(--milk)"
          foam={goes && foams ? (boils ? FOAM_AT_BOIL : climbs) : 0}
          boils={boils}
          {...warm(t.step.kind === 'heat' ? f('endC') : f('boilingC'))}
        />
      );
    }
    case 'cool': {
      const bath = ['iceBath', 'water', 'waterIce'].includes(t.step.params.how);
      return <Vessel kind={bath ? 'bath' : 'pot'} full={0.5} fill="var(--milk)" {...warm(f('endC'))} />;
    }
    case 'jar':
    case 'freeze':
    case 'part':
    case 'lift':
      return <Vessel kind="jar" full={f('jarMl') > 0 ? f('eachMl') / f('jarMl') : 0.6} fill="var(--milk)" />;
    case 'open':
      return <Vessel kind="bowl" full={0.5} fill="var(--food)" />;
    case 'knead':
      return <Vessel kind="bowl" full={0.6} fill="var(--food)" word={join(percent(f('openedShare')))} />;
    case 'enzyme':
      return <Vessel kind="bowl" full={0.6} fill="var(--milk)" {...warm(f('endC'))} />;
    case 'dry':
    case 'toast':
      return <Vessel kind="pot" full={0.3} fill="var(--food)" />;
    case 'sort':
    case 'drain':
    case 'hull':
      return <Bowl uptake={t.step.kind === 'sort' ? 0 : 1} full={t.step.kind === 'sort' ? 0.4 : 0.7} width={190} />;
    default:
      return <Vessel kind="pot" full={0.5} fill="var(--milk)" {...warm()} />;
  }
}
