import type { SoakingNow, TaskState } from '@ironpan/core/batch';
import type { Stage } from '@ironpan/core/steps';
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
  const f = (name: string): number => stage.figures[name] ?? 0;
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
      return (
        <Vessel
          kind="pot"
          full={f('potShare')}
          mark={f('potLimit')}
          fill="var(--milk)"
          foam={t.task.id === 'heatUp'}
          word={join(celsius(f('boilingC')))}
        />
      );
    case 'cool':
      return (
        <Vessel
          kind={t.step.params.how === 'iceBath' || t.step.params.how === 'water' ? 'bath' : 'pot'}
          full={0.5}
          fill="var(--milk)"
          word={join(celsius(f('endC')))}
        />
      );
    case 'jar':
      return <Vessel kind="jar" full={f('eachMl') / Math.max(1, f('jarMl'))} fill="var(--milk)" />;
    case 'sort':
    case 'drain':
    case 'hull':
      return <Bowl uptake={t.step.kind === 'sort' ? 0 : 1} full={t.step.kind === 'sort' ? 0.4 : 0.7} width={190} />;
    default:
      return <Vessel kind="pot" full={0.5} fill="var(--milk)" />;
  }
}
