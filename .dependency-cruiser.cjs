const { readdirSync } = require('node:fs');
const { join } = require('node:path');

/** The layers: core <- contract <- server, web. Inside the web app a station never reaches into another. */
/** Folders of the server that are no noun: they stand under the nouns or around them. */
const around = [
  'access',
  'csv',
  'demo',
  'fileWork',
  'http',
  'kit',
  'logging',
  'start',
  'storage',
  'testing',
  'time',
];
const nouns = readdirSync(join(__dirname, 'apps/server/src'), { withFileTypes: true })
  .filter((entry) => entry.isDirectory() && !around.includes(entry.name))
  .map(({ name }) => name)
  .join('|');

module.exports = {
  forbidden: [
    {
      name: 'no-cycles',
      severity: 'error',
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } },
    },
    {
      name: 'core-stands-alone',
      comment: 'The core imports nothing but its few libraries.',
      severity: 'error',
      from: { path: '^packages/core/src', pathNot: '\\.test\\.ts$' },
      to: {
        pathNot: [
          '^packages/core/src',
          'node_modules/(@stdlib|@types/bessel|@types/culori|bessel|culori|ml-matrix|simple-statistics)',
        ],
      },
    },
    {
      name: 'core-domains-by-their-index',
      comment: 'A domain of the core is imported by its index, never from inside.',
      severity: 'error',
      from: { path: '^packages/core/src/([^/]+)/' },
      to: {
        path: '^packages/core/src/([^/]+)/',
        pathNot: [
          '^packages/core/src/$1/',
          '^packages/core/src/[^/]+/index\\.ts$',
          '^packages/core/src/testing/',
        ],
      },
    },
    {
      name: 'contract-rests-on-core',
      severity: 'error',
      from: { path: '^packages/contract/src', pathNot: ['\\.test\\.ts$', '^packages/contract/src/testing'] },
      to: { pathNot: ['^packages/(core|contract)/src', 'node_modules/zod'] },
    },
    {
      name: 'schemas-without-rules',
      comment: 'What is written down is read without what is made of it: a schema knows no rule.',
      severity: 'error',
      from: {
        path: '^packages/contract/src/',
        pathNot: ['/rules/', '/index\\.ts$', '\\.test\\.ts$', '/testing/'],
      },
      to: { path: '^packages/contract/src/[^/]+/rules/' },
    },
    {
      name: 'server-without-web',
      severity: 'error',
      from: { path: '^apps/server' },
      to: { path: '^(apps/web|e2e)' },
    },
    {
      name: 'rig-stands-alone',
      comment: 'The simulated machine is spoken to over its wire alone.',
      severity: 'error',
      from: { path: '^apps/rig' },
      to: { path: '^(apps/(server|web)|e2e)' },
    },
    {
      name: 'nobody-knows-the-rig',
      severity: 'error',
      from: { path: '^(apps/(server|web)|packages)' },
      to: { path: '^apps/rig' },
    },
    {
      name: 'web-without-server',
      severity: 'error',
      from: { path: '^apps/web' },
      to: { path: '^(apps/server|e2e)' },
    },
    {
      name: 'stations-keep-to-themselves',
      comment: 'What two stations use lives in shared.',
      severity: 'error',
      from: { path: '^apps/web/src/(ready|dial|coupons|cards|jobs|optics|shop)/' },
      to: {
        path: '^apps/web/src/(ready|dial|coupons|cards|jobs|optics|shop|app)/',
        pathNot: '^apps/web/src/$1/',
      },
    },
    {
      name: 'shared-below-stations',
      severity: 'error',
      from: { path: '^apps/web/src/shared' },
      to: { path: '^apps/web/src/(?!shared|testing)' },
    },
    {
      name: 'testing-for-tests-only',
      severity: 'error',
      from: { pathNot: ['\\.test\\.tsx?$', '^(apps|packages)/[^/]+/src/testing/'] },
      to: { path: '^(apps|packages)/[^/]+/src/testing/' },
    },
    {
      name: 'controllers-speak-http-only',
      severity: 'error',
      from: { path: '\\.controller\\.ts$', pathNot: 'health' },
      to: { path: '(\\.entity\\.ts$|node_modules/typeorm)' },
    },
    {
      name: 'written-by-the-kit',
      comment:
        'What somebody writes goes through the record kit; the door, sessions and backups have no author or no row, health only counts what waits, light that is heard is nobody’s, news only tell what was stored, and a thread for files takes its turn.',
      severity: 'error',
      from: {
        path: '^apps/server/src/',
        pathNot: [
          '/(kit|storage|people|backups|demo|health|fileWork)/',
          '\\.test\\.ts$',
          'windowLives',
          'heardLight',
          'news\\.service',
          'upkeep\\.service',
        ],
      },
      to: { path: 'storage/writeQueue' },
    },
    {
      name: 'nouns-by-their-face',
      comment:
        'A noun of the server knows another by its module, its service and its face; tables may name each other’s. What stands under or around all nouns is free.',
      severity: 'error',
      from: {
        path: `^apps/server/src/(${nouns})/`,
        pathNot: ['\\.test\\.ts$', '\\.entity\\.ts$'],
      },
      to: {
        path: `^apps/server/src/(${nouns})/`,
        pathNot: ['^apps/server/src/$1/', '/face/', '\\.service\\.ts$', '\\.module\\.ts$'],
      },
    },
    {
      name: 'migrations-stand-alone',
      comment:
        'What was migrated once is migrated so for ever: not by tables and rules as they are today. A hash is the same for ever.',
      severity: 'error',
      from: { path: '^apps/server/src/storage/migrations/' },
      to: { pathNot: ['^apps/server/src/storage/migrations/', 'node_modules/typeorm', '^crypto$'] },
    },
    {
      name: 'tables-by-tables-alone',
      comment: 'A table names another noun’s table, never what that noun does.',
      severity: 'error',
      from: { path: `^apps/server/src/(${nouns})/.*\\.entity\\.ts$` },
      to: { path: '^apps/server/src/', pathNot: ['^apps/server/src/$1/', '\\.entity\\.ts$'] },
    },
    {
      name: 'toasts-by-say',
      comment: 'What is said lies over nothing that can be pressed: shared/say finds where.',
      severity: 'error',
      from: { path: '^apps/web/src/', pathNot: ['^apps/web/src/shared/say/', '/Toasts\\.tsx$'] },
      to: { path: 'node_modules/sonner' },
    },
    { name: 'no-unresolved', severity: 'error', from: {}, to: { couldNotResolve: true } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)dist/' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['source', 'import', 'require', 'node', 'default'],
    },
  },
};
