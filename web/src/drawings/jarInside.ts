interface Inside {
  readonly x: number;
  readonly w: number;
  readonly top: number;
  readonly bottom: number;
}
/** The inside of a jar in its drawing: where its fill can be. */
export const jarInside = (w: number, h: number): Inside => ({ x: 4, w: w - 8, top: h * 0.1 + 4, bottom: h - 4 });
