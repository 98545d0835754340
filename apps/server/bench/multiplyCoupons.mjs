import Database from 'better-sqlite3';

/** Copies the sample coupons until there are so many, each under an id and a number of its own. */
export function multiplyCoupons(databaseFile, wanted) {
  const database = new Database(databaseFile);
  const columns = database
    .prepare('SELECT name FROM pragma_table_info(?)')
    .all('coupon')
    .map(({ name }) => name);
  const value = (name) =>
    name === 'id' ? "c.id || '-' || n.i" : name === 'number' ? 'c.number + n.i * 1000' : `c.${name}`;
  const { sample } = database.prepare('SELECT COUNT(*) AS sample FROM coupon').get();
  database.exec(
    `WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < ${Math.ceil(wanted / sample)})
     INSERT INTO coupon (${columns.join(', ')}) SELECT ${columns.map(value).join(', ')} FROM coupon c, n`,
  );
  database.close();
}
