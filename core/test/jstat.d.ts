/** The part of jStat that the tests compare with. */
declare module 'jstat' {
  export const jStat: {
    readonly normal: { cdf(x: number, mean: number, sd: number): number };
    readonly binomial: { cdf(k: number, n: number, p: number): number };
    transpose(m: readonly (readonly number[])[]): number[][];
    multiply(a: readonly (readonly number[])[], b: readonly (readonly number[])[]): number[][];
    inv(m: readonly (readonly number[])[]): number[][];
  };
}
