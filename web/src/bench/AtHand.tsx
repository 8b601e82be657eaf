import type { SoakingNow, TaskState } from '@ironpan/core/batch';
import type { FigureName, Stage } from '@ironpan/core/steps';
import { celsius, join, percent } from '@ironpan/core/words';
import { Bowl } from '../drawings/Bowl';
import { Vessel } from '../drawings/Vessel';

/** The thing in front of the cook, drawn with what is in it. */
export function AtHand({
  t,
  stage,
  soak,
}: {
  readonly t: TaskState;
  readonly stage: Stage;
  readonly soak: SoakingNow | null;
}) {
  const f = (name: FigureName): number => stage.figures[name] ?? 0;
  switch (t.step.kind) {
    case 'soak':
      return (
        <div>
          <Bowl uptake={soak ? soak.uptakeShare : 0} full={f('bowlShare')} width={190} />
          {soak && (
            <p className="mt-2 text-[1.19rem]">
              drunk <span className="num">{join(percent(soak.uptakeShare))}</span> of what they can hold
            </p>
          )}
        </div>
      );
    case 'grind': {
      const rated = Math.max(1, f('jugRatedMl'));
      return <Vessel kind="jug" full={f('loadFoamMl') / rated} mark={f('jugHoldsMl') / rated} fill="var(--milk)" />;
    }
    case 'strain':
    case 'wash':
      return <Vessel kind="cloth" full={0.6} fill="var(--milk)" />;
    case 'boil':
    case 'blanch':
    case 'absorb':
    case 'heat':
      return (
        <Vessel
          kind="pot"
          full={f('potShare')}
          mark={f('potLimit')}
          fill="var(--milk)"
          foam={t.step.kind === 'boil' && t.task.id === 'heatUp'}
          word={join(celsius(t.step.kind === 'heat' ? f('endC') : f('boilingC')))}
        />
      );
    case 'cool':
      return (
        <Vessel
          kind={['iceBath', 'water', 'waterIce'].includes(t.step.params.how) ? 'bath' : 'pot'}
          full={0.5}
          fill="var(--milk)"
          word={join(celsius(f('endC')))}
        />
      );
    case 'jar':
    case 'freeze':
    case 'part':
    case 'lift':
      return <Vessel kind="jar" full={f('jarMl') > 0 ? f('eachMl') / f('jarMl') : 0.6} fill="var(--milk)" />;
    case 'knead':
      return <Vessel kind="bowl" full={0.6} fill="var(--food)" word={join(percent(f('openedShare')))} />;
    case 'enzyme':
      return <Vessel kind="bowl" full={0.6} fill="var(--milk)" word={join(celsius(f('endC')))} />;
    case 'dry':
    case 'toast':
      return <Vessel kind="pot" full={0.3} fill="var(--food)" />;
    case 'sort':
    case 'drain':
    case 'hull':
      return <Bowl uptake={t.step.kind === 'sort' ? 0 : 1} full={t.step.kind === 'sort' ? 0.4 : 0.7} width={190} />;
    default:
      return <Vessel kind="pot" full={0.5} fill="var(--milk)" />;
  }
}
