import pg from 'pg';

/** Copies the sample coupons of a shop in a PostgreSQL server until there are so many, each under an id and a number of its own. */
export async function multiplyOnServer(url, wanted) {
  const client = new pg.Client({ connectionString: url.split('?')[0] });
  await client.connect();
  try {
    await client.query(`SET search_path TO ${pg.escapeIdentifier(new URL(url).searchParams.get('schema'))}`);
    const { rows } = await client.query(
      "SELECT column_name AS name FROM information_schema.columns WHERE table_schema = current_schema() AND table_name = 'coupon' ORDER BY ordinal_position",
    );
    const value = ({ name }) =>
      name === 'id' ? "c.id || '-' || n.i" : name === 'number' ? 'c.number + n.i * 1000' : `c.${name}`;
    const sample = Number((await client.query('SELECT COUNT(*) AS sample FROM coupon')).rows[0].sample);
    await client.query(
      `INSERT INTO coupon (${rows.map(({ name }) => name).join(', ')}) SELECT ${rows.map(value).join(', ')} FROM coupon c, generate_series(1, ${Math.ceil(wanted / sample)}) AS n(i)`,
    );
    // As the server does by itself once so much came: only then are matches counted in an index alone.
    await client.query('VACUUM ANALYZE coupon');
  } finally {
    await client.end();
  }
}
