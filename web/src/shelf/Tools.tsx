import { codeTyped, jarCode } from '@ironpan/core/words';
import { Printer } from 'lucide-react';
import { useState } from 'react';
import { NotSaved } from '../ui/NotSaved';
import { SearchField } from '../ui/SearchField';
import { SelectField } from '../ui/SelectField';
import { useWrite } from '../ui/useWrite';
import { JAR_ORDERS } from './jarOrder';
import type { JarOrder } from './jarOrder';
import { printLabels } from './labels/print';
import type { ShelfJar } from '../live/shelf';

interface ToolsProps {
  readonly jars: readonly ShelfJar[];
  /** null: too few to be put in order. */
  readonly order: JarOrder | null;
  readonly onOrder: (o: JarOrder) => void;
  readonly onOpen: (jar: string) => void;
}
const CODE_LONG = 5;
/** Above the boards: a jar by the code on its label, their order, and labels for all of them. */
export function Tools({ jars, order, onOrder, onOpen }: ToolsProps) {
  const [typed, setTyped] = useState('');
  const write = useWrite();
  if (jars.length === 0) return null;
  const code = codeTyped(typed);
  const found = jars.find((j) => jarCode(j.jar.id) === code);
  const type = (text: string): void => {
    const hit = jars.find((j) => jarCode(j.jar.id) === codeTyped(text));
    setTyped(hit ? '' : text);
    if (hit) onOpen(hit.jar.id);
  };
  return (
    <div className="mb-1 flex flex-wrap items-end justify-end gap-x-3 gap-y-1">
      <div className="w-44">
        <SearchField label="Find a jar by its code" hint="code on a label" value={typed} onChange={type} />
      </div>
      {order !== null && (
        <SelectField
          label="order of the jars"
          hideLabel
          value={order}
          options={Object.entries(JAR_ORDERS)}
          onChange={(o) => onOrder(o as JarOrder)}
        />
      )}
      <button
        type="button"
        className="btn btn-outline"
        onClick={() => write.run('the labels', () => printLabels(jars, { sheet: true }))}
      >
        <Printer size={17} aria-hidden="true" />
        Labels
      </button>
      {code.length >= CODE_LONG && !found && (
        <p className="small w-full text-right" role="alert" style={{ color: 'var(--flame-text)' }}>
          No jar with the code {code} stands here: it may be used up, or the label is of another kitchen.
        </p>
      )}
      <NotSaved of={write} />
    </div>
  );
}
