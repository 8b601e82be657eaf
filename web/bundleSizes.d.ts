/** Ours and a bare starter of the same libraries, both built now by the same tool. */
export declare function bundleSizes(): Promise<{
  readonly ours: number;
  readonly starter: number;
}>;
