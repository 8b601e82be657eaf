import { lastSeq } from '@ironpan/core/batch';
import type { JarHappening } from '@ironpan/core/batch';
import { now } from '../../clock';
import { appendToJar, takeBack } from '../../store/jars';
import type { Said } from '../../store/jars';
import { notSaved } from '../../ui/notSaved';
import { tell } from '../../ui/toast';
import { useWrite } from '../../ui/useWrite';
import type { Write } from '../../ui/useWrite';
import type { ShelfJar } from '../../live/shelf';

export type Say = (what: JarHappening | readonly JarHappening[], text: string, after?: () => void) => void;

/** Writes down what happened to a jar, tells it, and offers to take it back. */
export function useSay(j: ShelfJar): { readonly say: Say; readonly write: Write } {
  const write = useWrite();
  const say: Say = (what, text, after = () => undefined) =>
    write.run(
      text.replace(/\.$/, '').toLowerCase(),
      () => appendToJar(j.jar.id, what, now(), lastSeq(j.events)),
      (said) => {
        after();
        const { ids } = said;
        if (ids.length === 0) return;
        const back = (): void => void takeBack(j.jar.id, ids, now()).catch((e: unknown) => tell(notSaved('that', e)));
        tell(pouredLess(what, said) ?? text, { label: 'Take it back', run: back });
      },
    );
  return { say, write };
}
/** Another window had poured from it: what was left is less than what was asked for. */
function pouredLess(what: JarHappening | readonly JarHappening[], said: Said): string | null {
  if (!('is' in what) || what.is !== 'poured' || said.pouredMl === null || said.pouredMl >= what.ml - 0.5) return null;
  return `Only ${Math.round(said.pouredMl)} ml were left; the jar is empty.`;
}
