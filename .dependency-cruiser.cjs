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
  detect: ['batch', 'steps'],
  batch: ['steps', 'learning', 'kitchen', 'materials'],
  questions: ['batch', 'checks', 'steps', 'kitchen', 'materials'],
  comparing: ['questions', 'batch', 'learning', 'steps', 'kitchen', 'materials'],
  trials: ['comparing', 'questions', 'learning', 'batch', 'steps', 'kitchen'],
  schedule: ['batch', 'steps', 'kitchen', 'materials'],
  words: [
    'materials',
    'steps',
    'checks',
    'kitchen',
    'batch',
    'questions',
    'detect',
    'schedule',
    'comparing',
    'trials',
    'learning',
  ],
  records: ['steps', 'kitchen', 'materials', 'batch', 'schedule', 'learning', 'trials'],
  instruments: [],
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
const WEB = ['shelf', 'plan', 'timetable', 'bench', 'book', 'kit'];
const webRules = WEB.map((room) => ({
  name: `web-${room}`,
  comment: 'one room a place, never importing each other',
  severity: 'error',
  from: { path: `^web/src/${room}/` },
  to: { path: `^web/src/(${WEB.filter((r) => r !== room).join('|')}|app)/` },
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
      to: { path: '^web/src/(store|app|offload|shelf|plan|timetable|bench|book|kit|demo)/' },
    },
    {
      name: 'ground-floor',
      comment: 'the clock stands on nothing; live data stand on the store',
      severity: 'error',
      from: { path: '^web/src/clock\\.ts$' },
      to: { path: '^(core|web)/src/' },
    },
    {
      name: 'live-stands-on-the-store',
      severity: 'error',
      from: { path: '^web/src/live/' },
      to: { path: '^web/src/(app|offload|shelf|plan|timetable|bench|book|kit|demo|ui|drawings)/' },
    },
    {
      name: 'instruments-know-no-page',
      comment: 'what instruments tell stands on the store and on live data',
      severity: 'error',
      from: { path: '^web/src/instruments/' },
      to: { path: '^web/src/(app|offload|shelf|plan|timetable|bench|book|kit|demo|ui|drawings)/' },
    },
    {
      name: 'store-knows-no-page',
      severity: 'error',
      from: { path: '^web/src/store/' },
      to: { path: '^web/src/(app|offload|shelf|plan|timetable|bench|book|kit|demo|ui|drawings|live|instruments)/' },
    },
    {
      name: 'kinds-stand-alone',
      comment: 'a step kind knows the processes, never another kind nor the registry',
      severity: 'error',
      from: { path: '^core/src/steps/kinds/([^/]+)\\.ts$' },
      to: { path: '^core/src/steps/(kinds/|registry|recipe|merge|index)', pathNot: '^core/src/steps/kinds/$1\\.ts$' },
    },
    {
      name: 'processes-know-no-kind',
      severity: 'error',
      from: { path: '^core/src/steps/processes/' },
      to: { path: '^core/src/steps/(kinds/|registry|recipe|merge|index)' },
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
