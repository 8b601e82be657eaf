/** The places that are there; a place that is not yet built has no link. */
export const PLACES = [
  { to: '/', name: 'Shelf', key: 's' },
  { to: '/plan', name: 'Plan', key: 'p' },
  { to: '/clock', name: 'Clock', key: 'c' },
  { to: '/bench', name: 'Bench', key: 'b' },
  { to: '/book', name: 'Book', key: 'o' },
  { to: '/kit', name: 'Kit', key: 'k' },
] as const;
