/** A line in a table of figures: what follows is of one of several jars, not of all. */
export function OfOne({ name, columns }: { readonly name: string; readonly columns: number }) {
  return (
    <tr>
      <th scope="colgroup" colSpan={columns} className="quiet small pt-2 text-left font-normal!">
        of the {name} alone
      </th>
    </tr>
  );
}
