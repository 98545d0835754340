/** Shared by every workspace's jest.config.cjs: TypeScript through swc as CommonJS, workspaces from their sources. */
const swc = [
  '@swc/jest',
  {
    swcrc: false,
    jsc: {
      target: 'es2022',
      parser: { syntax: 'typescript', tsx: true, decorators: true },
      transform: {
        legacyDecorator: true,
        decoratorMetadata: true,
        useDefineForClassFields: false,
        react: { runtime: 'automatic' },
      },
      keepClassNames: true,
    },
    module: { type: 'commonjs' },
    sourceMaps: 'inline',
  },
];

/** Packages that ship only as modules and so must be transformed. */
const moduleOnly = [
  'csv-stringify/dist/esm',
  'csv-parse/dist/esm',
  'uuid',
  '@tanstack',
  'echarts',
  'zrender',
  'lucide-react',
  'sonner',
  'culori',
  '@nestjs/schedule',
  'age-encryption',
  '@noble',
  '@scure',
  'aedes',
  'aedes-',
  'jose',
  'oauth4webapi',
  'openid-client',
];

module.exports = {
  // Each look at a global goes through the sandbox: as arguments of the module they cost what they cost elsewhere, and the
  // simulations end four times as fast. Infinity is one as well: it was half of the time of learning from coupons.
  sandboxInjectedGlobals: ['Math', 'Number', 'Array', 'Object', 'Float64Array', 'Infinity'],
  setupFiles: [require.resolve('./seed.cjs')],
  testMatch: ['<rootDir>/src/**/*.test.ts', '<rootDir>/src/**/*.test.tsx'],
  transform: { '^.+\\.(t|j|mj)sx?$': swc },
  transformIgnorePatterns: [`/node_modules/(?!(${moduleOnly.join('|')})/)`],
  moduleNameMapper: { '^(\\.{1,2}/.*)\\.js$': '$1' },
  testEnvironmentOptions: { customExportConditions: ['source', 'node', 'require', 'default'] },
};
