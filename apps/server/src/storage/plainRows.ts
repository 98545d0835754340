import type { ObjectLiteral, SelectQueryBuilder } from 'typeorm';

/**
 * Some columns of the rows of a query, as its entity says them, with what is selected beside them. Nothing is joined to objects:
 * of a page of a hundred that took several times as long as the reading.
 *
 * @param keys the entity's own properties
 * @param beside what else to select under which name; no column is called so
 */
export async function plainRows<
  Row extends ObjectLiteral,
  Key extends keyof Row & string,
  Beside extends string,
>(
  query: SelectQueryBuilder<Row>,
  keys: readonly Key[],
  beside: Readonly<Record<Beside, string>>,
): Promise<readonly (Pick<Row, Key> & Record<Beside, unknown>)[]> {
  const { alias, dataSource } = query;
  const { columns } = dataSource.getMetadata(query.expressionMap.mainAlias?.target ?? '');
  const wanted = columns.filter(({ propertyName }) => keys.some((key) => key === propertyName));
  query.select([]);
  for (const { propertyName } of wanted) query.addSelect(`${alias}.${propertyName}`, propertyName);
  for (const [name, selection] of Object.entries<string>(beside)) query.addSelect(selection, name);
  const raw = await query.getRawMany<Record<string, unknown>>();
  return raw.map((given) => {
    const row: Record<string, unknown> = {};
    for (const name in beside) row[name] = given[name];
    for (const column of wanted)
      row[column.propertyName] = dataSource.driver.prepareHydratedValue(given[column.propertyName], column);
    return row as Pick<Row, Key> & Record<Beside, unknown>;
  });
}
