import { execFile } from 'node:child_process';
import { join } from 'node:path';
import { promisify } from 'node:util';

/** Short forms of ./heron campaign: a few kills, power cuts and failing disks, and calls of every kind of route. */

const command = join(__dirname, '../../apps/server/campaigns/campaign.mjs');
const run = async (...words: string[]) =>
  (await promisify(execFile)(process.execPath, [command, ...words])).stdout;

describe('a campaign', () => {
  it.each([
    [
      'crash',
      '2',
      /2 kills, [1-9]\d* saves acknowledged, 0 lost; database, history, saves, photos and clock well/,
    ],
    ['power', '2', /2 power cuts, \d+ of [1-9]\d* unsynced writes lost, [1-9]\d* saves acknowledged, 0 lost/],
    [
      'faults',
      '3',
      /3 failing disks, .* saves acknowledged, 0 lost, [1-9]\d* refused, 0 of them otherwise than as the disk's/,
    ],
    ['soak', '2', /50 machines, \d+ messages in .*, 100 of 100 newest spells heard/],
    ['year', '12', /12 days, 2400 spells, \d+ samples; the file \d+ MB/],
    ['fuzz', '800', /800 calls of \d+ routes .* 0 faults of ours, 0 refusals that are none/],
  ])('%s, %s rounds of it', async (name, rounds, figures) => {
    const said = await run(name, '--rounds', rounds);
    expect(said).toMatch(/^ok {2}/m);
    expect(said).toMatch(figures);
  });

  it('that does not exist, or has no rounds, is refused in a line', async () => {
    await expect(run('calm')).rejects.toThrow(
      '“calm” is no campaign; there are crash, power, faults, fuzz, load, scale, servers, soak, year.',
    );
    await expect(run('crash', '--rounds', 'few')).rejects.toThrow(
      '--rounds is “few”; allowed is a whole number above 0.',
    );
    await expect(run('crash', '--turns', '3')).rejects.toThrow(/heron: Unknown option '--turns'/);
  });
});
