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

export type Say = (what: JarHappening | readonly JarHappening[], text: string, after?: (said: Said) => void) => void;

/** Writes down what happened to a jar, tells it, and offers to take it back. */
export function useSay(j: ShelfJar): { readonly say: Say; readonly write: Write } {
  const write = useWrite();
  /** `again`: another window has recorded the same, and this is one more. */
  const record = (
    what: JarHappening | readonly JarHappening[],
    text: string,
    after: (said: Said) => void,
    again: boolean,
  ): void =>
    write.run(
      text.replace(/\.$/, '').toLowerCase(),
      () => appendToJar(j.jar.id, what, now(), again ? undefined : lastSeq(j.events)),
      (said) => {
        const { ids } = said;
        if (ids.length === 0 && isPour(what)) {
          tell(
            said.empty
              ? 'The jar is empty. Another window recorded its last pour, so nothing was added.'
              : 'Another window recorded the same pour at this moment, so nothing was added.',
            said.empty ? undefined : { label: 'It was one more', run: () => record(what, text, after, true) },
          );
          return;
        }
        after(said);
        if (ids.length === 0) return;
        const back = (): void => void takeBack(j.jar.id, ids, now()).catch((e: unknown) => tell(notSaved('that', e)));
        tell(pouredLess(what, said) ?? text, { label: 'Take it back', run: back });
      },
    );
  const say: Say = (what, text, after = () => undefined) => record(what, text, after, false);
  return { say, write };
}
const isPour = (what: JarHappening | readonly JarHappening[]): what is Extract<JarHappening, { is: 'poured' }> =>
  'is' in what && what.is === 'poured';
/** Another window had poured from it: what was left is less than what was asked for. */
function pouredLess(what: JarHappening | readonly JarHappening[], said: Said): string | null {
  if (!isPour(what) || said.pouredMl === null || said.pouredMl >= what.ml - 0.5) return null;
  return `Only ${Math.round(said.pouredMl)} ml were left; the jar is empty.`;
}
