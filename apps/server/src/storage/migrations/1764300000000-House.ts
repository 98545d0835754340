import { Table, type MigrationInterface, type QueryRunner } from 'typeorm';

const houseSheet = new Table({
  name: 'house_sheet',
  columns: [
    { name: 'sheet', type: 'varchar', isPrimary: true },
    { name: 'revision', type: 'integer', isPrimary: true },
    { name: 'content', type: 'text' },
    { name: 'made_at', type: 'varchar' },
    { name: 'made_by', type: 'varchar' },
  ],
  foreignKeys: [
    {
      name: 'fk_house_sheet_made_by',
      columnNames: ['made_by'],
      referencedTableName: 'person',
      referencedColumnNames: ['id'],
    },
  ],
});

/** What the shop keeps to: practice, units, wire and nozzles on hand, prices. */
export class House1764300000000 implements MigrationInterface {
  readonly name = 'House1764300000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.createTable(houseSheet);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.dropTable(houseSheet);
  }
}
