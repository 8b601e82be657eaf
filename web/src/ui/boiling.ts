import { unlearned } from '@ironpan/core/kitchen';
import type { Kit } from '@ironpan/core/kitchen';
import { contextOf } from '@ironpan/core/steps';
import { plain } from '@ironpan/core/units';

/** "640 m · water boils at 97.9 °C" */
export const boilingC = (kit: Kit): number => contextOf(unlearned(kit), []).boilC;
/** Altitude and boiling point in a line. */
export const boilingText = (kit: Kit): string =>
  `${plain(kit.altitudeM)} m · water boils at ${plain(boilingC(kit), 1)} °C`;
