import type { Draft, Stream } from '../../kitchen';
import { kneadedShare } from '../../laws';
import type { Ctx } from '../types';
import { advance } from './advance';
import { byMaterial } from './byMaterial';
import { holdAt } from './course';
import { openTo } from './release';

/** Hands open soft grated pieces: more with each run, in state form. Pieces that hands cannot open stay shut. */
export function kneaded(s: Stream, forS: number, ctx: Ctx): Draft {
  const per = byMaterial(s, ctx.materials, (m) => m.kneads);
  const still = advance(s, holdAt(s.temperatureC, forS), ctx);
  if (per > 0) openTo(still, kneadedShare(s.openedShare, per, forS), still.temperatureC, ctx);
  return still;
}
