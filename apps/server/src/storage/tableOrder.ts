import type { DataSource, EntityMetadata } from 'typeorm';

/** The tables of a shop, each behind those that it refers to: in this order rows can be put in. */
export function tableOrder({ entityMetadatas }: DataSource): readonly EntityMetadata[] {
  const placed = new Set<EntityMetadata>();
  const place = (table: EntityMetadata, above: readonly EntityMetadata[]) => {
    if (placed.has(table)) return;
    if (above.includes(table)) throw new Error(`${table.tableName} refers to itself by a detour`);
    for (const { referencedEntityMetadata: to } of table.foreignKeys)
      if (to !== table) place(to, [...above, table]);
    placed.add(table);
  };
  for (const table of entityMetadatas) place(table, []);
  return [...placed];
}
