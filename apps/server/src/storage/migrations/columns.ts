/** Columns and references as the migrations say them; never changed, since what was migrated once stays as it is. */
export const id = { name: 'id', type: 'varchar', isPrimary: true };
export const text = (name: string, isNullable = false) => ({ name, type: 'varchar', isNullable });
export const long = (name: string, isNullable = false) => ({ name, type: 'text', isNullable });
export const number = (name: string, isNullable = false) => ({ name, type: 'float', isNullable });
export const whole = (name: string) => ({ name, type: 'integer' });

/** A column that holds the id of a row of another table. */
export const reference = (table: string, column: string, to: string) => ({
  name: `fk_${table}_${column.replace(/_id$/, '')}`,
  columnNames: [column],
  referencedTableName: to,
  referencedColumnNames: ['id'],
});
