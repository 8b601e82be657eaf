import type Joi from 'joi';
import { faultOf } from './faults';
import type { Fault } from './faults';
import { migrate } from './migrate';
import { SCHEMAS } from './schemas';
import type { Table } from './types';
import { VERSIONS } from './versions';

/** One row from outside: migrated, then judged whole. The row as it may be stored, or what is wrong with it. */
export function validRow(
  table: Table,
  given: unknown,
): { readonly row: unknown } | { readonly faults: readonly Fault[] } {
  if (typeof given !== 'object' || given === null || Array.isArray(given))
    return { faults: [{ path: '', say: 'the row must be an object { … }.' }] };
  const moved = migrate(VERSIONS[table], given as Record<string, unknown>);
  if (!moved.ok)
    return {
      faults: [
        moved.fault === 'newer'
          ? {
              path: 'v',
              say: `v is ${JSON.stringify(moved.version)}: it was made by a newer Ironpan; update this one first.`,
            }
          : { path: 'v', say: 'v, the version of the row, is missing or is not a whole number.' },
      ],
    };
  const of: Joi.Schema | ((row: Readonly<Record<string, unknown>>) => Joi.Schema) = SCHEMAS[table];
  const schema = typeof of === 'function' ? of(moved.row) : of;
  const judged: { readonly error?: Joi.ValidationError | undefined; readonly value: unknown } = schema.validate(
    moved.row,
    {
      abortEarly: false,
      convert: false,
    },
  );
  return judged.error ? { faults: judged.error.details.map(faultOf) } : { row: judged.value };
}
