import { TableColumn, type MigrationInterface, type QueryRunner } from 'typeorm';
import { long } from './columns.js';

/** Who wrote and signed a version of a card in the shop it came from. */
export class CardsFromElsewhere1764800000000 implements MigrationInterface {
  readonly name = 'CardsFromElsewhere1764800000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.addColumn('card_version', new TableColumn(long('elsewhere', true)));
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.dropColumn('card_version', 'elsewhere');
  }
}
