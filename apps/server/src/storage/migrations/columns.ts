import type { QueryRunner } from 'typeorm';

/** Columns and references as the migrations say them; never changed, since what was migrated once stays as it is. */
export const id = { name: 'id', type: 'varchar', isPrimary: true };
export const text = (name: string, isNullable = false) => ({ name, type: 'varchar', isNullable });
export const long = (name: string, isNullable = false) => ({ name, type: 'text', isNullable });
export const number = (name: string, isNullable = false) => ({ name, type: 'float', isNullable });
export const whole = (name: string) => ({ name, type: 'integer' });

/** ms since 1970, which a file takes for a whole number as any other. */
export const milliseconds = (runner: QueryRunner, name: string) => ({
  name,
  type: isPostgres(runner) ? 'bigint' : 'integer',
});

/** What a truth value is by itself: a file has none but 0 and 1, a server takes no numbers for them. */
export const no = (runner: QueryRunner) => (isPostgres(runner) ? 'false' : '0');

const isPostgres = ({ dataSource }: QueryRunner) => dataSource.options.type === 'postgres';

/** A column that holds the id of a row of another table. */
export const reference = (table: string, column: string, to: string) => ({
  name: `fk_${table}_${column.replace(/_id$/, '')}`,
  columnNames: [column],
  referencedTableName: to,
  referencedColumnNames: ['id'],
});
