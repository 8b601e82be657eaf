import type { Measure } from '../batch';
import { BODY_FROM, SLIPPERY_FROM } from '../steps';

/** A setting rounded for the kitchen must still fall on the right side of a word's bound. */
const JUST_UNDER = 0.97;
/** What a cook may find wrong with a milk: the measure it is told by, and where it is right again: words, or estimates. */
export const COMPLAINTS = {
  slimy: { of: 'slime', aim: JUST_UNDER * SLIPPERY_FROM.slippery, less: true },
  tooThick: { of: 'body', aim: JUST_UNDER * BODY_FROM.creamy, less: true },
  thickensHot: { of: 'bodyHot', aim: JUST_UNDER * BODY_FROM.thick, less: true },
  watery: { of: 'solids', aim: 0.04, less: false },
  gritty: { of: 'grit', aim: 0.003, less: true },
  beany: { of: 'beany', aim: 25, less: true },
} as const satisfies Readonly<Record<string, { of: Measure; aim: number; less: boolean }>>;
export type Complaint = keyof typeof COMPLAINTS;
