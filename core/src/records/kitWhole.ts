import type Joi from 'joi';
import { THING_KINDS } from '../kitchen';
import type { Thing, ThingKind } from '../kitchen';
import { object } from './parts';

interface Held {
  readonly things: readonly Thing[];
  readonly use: Readonly<Record<ThingKind, string>>;
}
/** A kit in which every kind of thing is there, and what it uses of each kind is one of them. */
export function complete(keys: Joi.PartialSchemaMap): Joi.ObjectSchema {
  return object(keys).custom((kit: Held, h) => {
    for (const kind of THING_KINDS) {
      const mine = kit.things.filter((t) => t.is === kind);
      if (mine.length === 0) return h.error('kit.lacks', { kind });
      if (!mine.some((t) => t.id === kit.use[kind])) return h.error('kit.use', { kind, used: kit.use[kind] });
    }
    return kit;
  });
}
