import { knownFile } from './knownFile.js';

const largest = { csv: 2 * 1024 * 1024, json: 1024 * 1024 };

describe('a file that is chosen', () => {
  it('is known by its ending, however that is written', () => {
    expect(knownFile({ name: 'Cards.CSV', size: 10 }, largest)).toEqual({ format: 'csv' });
  });

  it('of no known ending says its name and what is allowed', () => {
    expect(knownFile({ name: 'cards.txt', size: 10 }, largest)).toEqual({
      fault: 'cards.txt is read as no format; allowed is a name that ends in .csv or .json.',
    });
  });

  it('that is too large for its format says by how much', () => {
    expect(knownFile({ name: 'a.json', size: 1.5 * 1024 * 1024 }, largest)).toEqual({
      fault: 'a.json has 2 MB; up to 1 MB is read.',
    });
    expect(knownFile({ name: 'a.csv', size: 1.5 * 1024 * 1024 }, largest)).toEqual({ format: 'csv' });
  });
});
