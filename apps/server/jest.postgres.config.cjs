const usual = require('./jest.config.cjs');

/** The same tests over PostgreSQL, and those of what only a server of databases does. Run by tools/postgres.mjs. */
module.exports = {
  ...usual,
  displayName: 'PostgreSQL',
  testPathIgnorePatterns: ['/node_modules/'],
};
