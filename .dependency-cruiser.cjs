/** The doors of docs/architecture.md: what may import what. */
const CORE = {
  units: [],
  numerics: [],
  materials: [],
  laws: [],
  kitchen: ['materials'],
  steps: ['laws', 'kitchen', 'materials'],
  methods: ['steps', 'materials', 'kitchen'],
  checks: ['steps', 'kitchen', 'materials'],
  learning: ['steps', 'kitchen'],
  batch: ['steps', 'learning', 'kitchen', 'materials'],
  questions: ['batch', 'checks', 'steps', 'kitchen', 'materials'],
  words: ['steps', 'checks', 'kitchen', 'batch', 'questions'],
  records: ['steps', 'kitchen', 'materials', 'batch'],
  formats: ['records', 'steps', 'kitchen', 'materials', 'batch', 'words', 'checks', 'questions'],
};
const anywhere = ['units', 'numerics'];
const coreRules = Object.entries(CORE).map(([room, may]) => ({
  name: `core-${room}`,
  comment: `core/src/${room} may import ${[...may, ...(anywhere.includes(room) ? [] : anywhere)].join(', ') || 'nothing'}`,
  severity: 'error',
  from: { path: `^core/src/${room}/` },
  to: {
    path: '^core/src/',
    pathNot: `^core/src/(${[room, ...may, ...(anywhere.includes(room) ? [] : anywhere)].join('|')})/`,
  },
}));
const WEB = ['shelf', 'plan', 'bench', 'book', 'kit'];
const webRules = WEB.map((room) => ({
  name: `web-${room}`,
  comment: 'one room a place, never importing each other',
  severity: 'error',
  from: { path: `^web/src/${room}/` },
  to: { path: `^web/src/(${WEB.filter((r) => r !== room).join('|')}|app)/`, pathNot: '^web/src/app/clock\\.ts$' },
}));
module.exports = {
  forbidden: [
    ...coreRules,
    ...webRules,
    {
      name: 'no-cycles',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
    { name: 'core-is-pure', severity: 'error', from: { path: '^core/src' }, to: { dependencyTypes: ['core'] } },
    {
      name: 'core-imports-no-interface',
      severity: 'error',
      from: { path: '^core/src' },
      to: { path: '^(web|server|e2e)/|node_modules/(react|express|dexie)' },
    },
    {
      name: 'records-alone-use-joi',
      severity: 'error',
      from: { path: '^(core|web|server)/src', pathNot: '^core/src/(records|formats)/' },
      to: { path: 'node_modules/joi' },
    },
    {
      name: 'one-dexie-user',
      severity: 'error',
      from: { path: '^web/src', pathNot: '^web/src/store/' },
      to: { path: 'node_modules/dexie' },
    },
    {
      name: 'drawings-are-pure',
      severity: 'error',
      from: { path: '^web/src/drawings/' },
      to: { path: '^web/src/(store|app|offload|shelf|plan|bench|book|kit|demo)/' },
    },
    { name: 'server-apart', severity: 'error', from: { path: '^server/src' }, to: { path: '^(web|e2e)/' } },
    {
      name: 'e2e-knows-only-the-page',
      severity: 'error',
      from: { path: '^e2e/' },
      to: { path: '^(core|web|server)/' },
    },
    {
      name: 'no-unresolvable',
      severity: 'error',
      from: {},
      // Made by the build itself.
      to: { couldNotResolve: true, pathNot: '^virtual:' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsConfig: { fileName: 'tsconfig.base.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
    },
  },
};
