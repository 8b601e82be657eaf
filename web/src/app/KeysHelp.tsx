import { Dialog } from '../ui/Dialog';
import { PLACES } from './places';

/** The one-letter keys, on request. */
export function KeysHelp({ onClose }: { readonly onClose: () => void }) {
  return (
    <Dialog title="Keys" onClose={onClose}>
      <table className="table w-full">
        <tbody>
          {PLACES.map((p) => (
            <tr key={p.key}>
              <td className="num w-16 py-1.5">{p.key}</td>
              <td>{p.name}</td>
            </tr>
          ))}
          <tr>
            <td className="num py-1.5">?</td>
            <td>this list</td>
          </tr>
        </tbody>
      </table>
      <p className="quiet small mt-3">They can be switched off in Kit.</p>
    </Dialog>
  );
}
