declare module 'jsonld' {
  type Loaded = { contextUrl: string | null; documentUrl: string; document: unknown };
  const jsonld: {
    expand(
      document: object,
      options: { documentLoader: (url: string) => Promise<Loaded> },
    ): Promise<Record<string, { '@value'?: unknown; '@list'?: unknown; '@id'?: string }[]>[]>;
  };
  export default jsonld;
}
