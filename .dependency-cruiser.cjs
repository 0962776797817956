/** The one direction of imports: app -> screens -> ui -> drawings, session, store, workers, words -> formats -> core. */
const layer = (name, from, allowed) => ({
  name,
  severity: 'error',
  from: { path: from },
  to: { path: '^(src|cli|demo)/', pathNot: [from, ...allowed].join('|') },
});

module.exports = {
  forbidden: [
    { name: 'no-circular', severity: 'error', from: {}, to: { circular: true } },
    layer('words-stand-alone', '^src/words/', []),
    layer('core-stands-alone', '^src/core/', []),
    layer('formats-know-core', '^src/formats/', ['^src/core/']),
    layer('store-knows-formats-and-core', '^src/store/', ['^src/formats/', '^src/core/']),
    layer('workers-know-core', '^src/workers/', ['^src/core/', '^src/formats/']),
    layer('session-is-plain', '^src/session/', ['^src/(workers|core)/']),
    layer('drawings-show', '^src/drawings/', ['^src/core/']),
    layer('sync-meets', '^src/sync/', ['^src/(store|formats|core)/']),
    layer('ui-shares', '^src/ui/', [
      '^src/(drawings|session|workers|store|sync|formats|core|words)/',
    ]),
    layer('server-answers', '^src/server/', ['^src/(formats|core)/']),
    layer('dishes-are-data', '^src/dishes/', ['^src/(core|formats)/']),
    layer('app-is-thin', '^src/app/', ['^src/(screens|server)/']),
    layer('screens-compose', '^src/screens/', [
      '^src/(ui|drawings|session|workers|store|sync|formats|core|words|dishes)/',
      '^demo/',
    ]),
    layer('cli-is-a-shell', '^cli/', ['^src/(formats|core)/']),
    {
      name: 'outside-by-the-public-face',
      comment:
        'What is not the app knows the core by src/core/index.ts, so that rooms can move behind it.',
      severity: 'error',
      from: { path: '^(cli|scripts|bench|src/app|src/server)/', pathNot: '\\.test\\.ts$' },
      to: { path: '^src/core/', pathNot: '^src/core/index\\.ts$|^src/core/testing/' },
    },
    {
      name: 'rooms-of-the-bench',
      comment: 'A room of the Bench is known by its index; what is loaded later stands in it.',
      severity: 'error',
      from: { path: '^src/screens/bench/([^/]+)/', pathNot: '\\.test\\.tsx?$' },
      to: {
        path: '^src/screens/bench/[^/]+/',
        pathNot: '^src/screens/bench/($1/|[^/]+/index\\.ts$)',
      },
    },
    {
      name: 'screens-keep-apart',
      comment: 'A screen never reaches into another; what two share lives in ui.',
      severity: 'error',
      from: { path: '^src/screens/([^/]+)/' },
      to: { path: '^src/screens/', pathNot: '^src/screens/$1/' },
    },
    {
      name: 'drawings-keep-apart',
      comment: 'A drawing knows time, handles and what comes later, and no other drawing.',
      severity: 'error',
      from: { path: '^src/drawings/([^/]+)/', pathNot: '\\.test\\.tsx?$' },
      to: { path: '^src/drawings/', pathNot: '^src/drawings/($1|time|handles|later)/' },
    },
    {
      name: 'core-base-knows-nothing-above',
      comment: 'quantity, vocabulary, water, food and batch know nothing of the rest of the core.',
      severity: 'error',
      from: {
        path: '^src/core/(quantity|vocabulary|series|water|food|batch)/',
        pathNot: '\\.test\\.ts$',
      },
      to: {
        path: '^src/core/(fill|heat|release|doneness|bones|finish|keep|serve|model|assess|cook|live|learn|solve|timetable|texture|unknown|vessel)/',
      },
    },
    {
      name: 'guard-stands-low',
      comment:
        'Food safety knows foods, plans and plain histories, and no model; its limits know nothing at all.',
      severity: 'error',
      from: { path: '^src/core/guard/', pathNot: '\\.test\\.ts$' },
      to: {
        path: '^src/core/',
        pathNot: '^src/core/(guard|quantity|series|food)/',
      },
    },
    {
      name: 'limits-are-a-leaf',
      comment:
        'Rooms below the guard may name its limits and read its words; they ask it nothing else.',
      severity: 'error',
      from: {
        path: '^src/core/(quantity|vocabulary|series|water|food|batch)/',
        pathNot: '\\.test\\.ts$',
      },
      to: { path: '^src/core/guard/', pathNot: '^src/core/guard/(limits|words|span)\\.ts$' },
    },
    ...['schema', 'plan', 'household', 'reading'].map((room, i, rooms) => ({
      name: `${room}-knows-the-rooms-below`,
      comment: 'The rooms of core/batch stand on each other: schema, plan, household, reading.',
      severity: 'error',
      from: { path: `^src/core/batch/${room}/`, pathNot: '\\.test\\.ts$' },
      to: { path: `^src/core/batch/(${[...rooms.slice(i + 1), 'none'].join('|')})/` },
    })),
    {
      name: 'model-stands-below-the-judge',
      comment:
        'Simulation needs no judgement: the model, the live cook and learning do without it.',
      severity: 'error',
      from: {
        path: '^src/core/(model|cook|live|learn)/',
        // `again` lists which findings changed, by their keys.
        pathNot: '\\.test\\.ts$|^src/core/learn/again',
      },
      to: { path: '^src/core/assess/' },
    },
    {
      name: 'testing-is-for-tests',
      comment: 'What tests share never ships.',
      severity: 'error',
      from: { path: '^src/', pathNot: '\\.test\\.tsx?$|/testing/' },
      to: { path: '/testing/' },
    },
    {
      name: 'core-is-pure',
      comment:
        'No interface, store or framework package in the core; its checks may use references.',
      severity: 'error',
      from: { path: '^src/core/', pathNot: '\\.test\\.tsx?$|^src/core/testing/' },
      to: {
        dependencyTypes: ['npm', 'npm-dev', 'npm-peer'],
        pathNot:
          'node_modules/(@types/)?(yup|parse-ingredient|numeric-quantity|fastest-levenshtein|d3-array)',
      },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
    },
  },
};
