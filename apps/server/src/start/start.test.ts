import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { openDataFolder } from './dataFolder.js';
import { readSettings } from './settings.js';

describe('settings from the environment', () => {
  it('has defaults', () => {
    expect(readSettings({})).toEqual({
      port: 4180,
      dataFolder: join(process.cwd(), 'data'),
      demo: false,
      webFolder: null,
    });
  });

  it.each([
    ['PORT', 'eighty', 'PORT is “eighty”: it must be a whole number from 1 to 65535.'],
    ['PORT', '70000', 'PORT is “70000”'],
    ['HERON_DEMO', 'yes', 'HERON_DEMO is “yes”: it must be 0 or 1.'],
  ])('refuses %s=%s in one line', (name, value, message) => {
    expect(() => readSettings({ [name]: value })).toThrow(message);
  });
});

describe('the data folder', () => {
  it('is made where it is missing', () => {
    const parent = mkdtempSync(join(tmpdir(), 'heron-folder-'));
    expect(openDataFolder(join(parent, 'a', 'b'))).toBe(join(parent, 'a', 'b', 'heron.sqlite'));
  });

  it('is refused in one line where it cannot be', () => {
    const file = join(mkdtempSync(join(tmpdir(), 'heron-folder-')), 'file');
    writeFileSync(file, '');
    expect(() => openDataFolder(join(file, 'data'))).toThrow(/cannot be written \(ENOTDIR\)/);
  });
});
