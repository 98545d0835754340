import { mkdtempSync, readdirSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { openDataFolder } from './dataFolder.js';
import { readSettings } from './settings.js';
import { readTls } from './tls.js';

describe('settings from the environment', () => {
  it('has defaults', () => {
    expect(readSettings({})).toEqual({
      port: 4180,
      dataFolder: join(process.cwd(), 'data'),
      photos: join(process.cwd(), 'data', 'photos'),
      databaseUrl: null,
      demo: false,
      webFolder: null,
      isOnNetwork: false,
      names: [],
      httpsPort: 4181,
      mqttPort: 1883,
      backupAlso: null,
      passphraseFile: null,
      signIn: { provider: null, pinFrom: null },
      tlsFiles: null,
    });
  });

  it('takes a second place for backups, and where its passphrase lies', () => {
    const named = { HERON_BACKUP_ALSO: '/media/red', HERON_PASSPHRASE_FILE: 'secret/words' };
    expect(readSettings(named)).toMatchObject({
      backupAlso: '/media/red',
      passphraseFile: join(process.cwd(), 'secret/words'),
    });
  });

  it('takes a database of a server, and a folder for photos that several share', () => {
    const named = {
      HERON_DATABASE_URL: 'postgres://ada:x@db/heron?schema=north',
      HERON_PHOTOS: '/mnt/photos',
    };
    expect(readSettings(named)).toMatchObject({
      databaseUrl: 'postgres://ada:x@db/heron?schema=north',
      photos: '/mnt/photos',
    });
  });

  it('takes a bucket for photos', () => {
    const photos = 's3://pictures/heron?endpoint=https://store:9000';
    expect(readSettings({ HERON_PHOTOS: photos }).photos).toBe(photos);
  });

  it('takes a provider of sign-ins with what it needs, and its shop’s address as a name of its own', () => {
    const provider = { HERON_OIDC_ISSUER: 'https://id.example', HERON_OIDC_CLIENT: 'heron' };
    expect(() => readSettings(provider)).toThrow('one of them is missing');
    const { signIn, names } = readSettings({ ...provider, HERON_URL: 'https://heron.example' });
    expect(signIn.provider).toMatchObject({ clientId: 'heron', clientSecret: null, name: 'id.example' });
    expect(names).toEqual(['heron.example']);
  });

  it.each([
    ['HERON_PHOTOS', 's3:///pictures', 'HERON_PHOTOS is “s3:///pictures”: it must be a folder, or a bucket'],
    ['HERON_PHOTOS', 'http://store/pictures', 'it must be a folder, or a bucket'],
    ['HERON_PIN_FROM', '192.168.10.0/40', 'HERON_PIN_FROM is “192.168.10.0/40”: it must be networks such as'],
    ['HERON_PIN_FROM', 'the hall', 'it must be networks such as'],
    ['HERON_OIDC_ISSUER', 'id.example', 'it must be the address of the provider of sign-ins'],
    ['HERON_DATABASE_URL', 'mysql://ada:secret@db/heron', 'HERON_DATABASE_URL is “mysql://ada:…@db/heron”'],
    ['HERON_DATABASE_URL', 'db', 'HERON_DATABASE_URL is “db”: it must be an address such as postgres://'],
    ['HERON_DATABASE_URL', 'postgres://db/heron?schema=a;drop', 'its schema in small letters, digits and _'],
    ['PORT', 'eighty', 'PORT is “eighty”: it must be a whole number from 1 to 65535.'],
    ['PORT', '70000', 'PORT is “70000”'],
    ['HERON_MQTT_PORT', 'any', 'HERON_MQTT_PORT is “any”: it must be a whole number from 1 to 65535.'],
    ['HERON_LAN', 'on', 'HERON_LAN is “on”: it must be 0 or 1.'],
    ['HERON_NAMES', 'http://shop', 'HERON_NAMES is “http://shop”: it must be names of this machine'],
    ['HERON_DEMO', 'yes', 'HERON_DEMO is “yes”: it must be 0 or 1.'],
  ])('refuses %s=%s in one line', (name, value, message) => {
    expect(() => readSettings({ [name]: value })).toThrow(message);
  });
});

describe('HTTPS', () => {
  const folder = mkdtempSync(join(tmpdir(), 'heron-tls-'));
  const file = (name: string, text: string) => {
    writeFileSync(join(folder, name), text);
    return join(folder, name);
  };

  it('takes both files or neither', () => {
    expect(() => readSettings({ HERON_TLS_KEY: 'key.pem' })).toThrow('only one of them is given');
    expect(readTls(null)).toBeNull();
  });

  it('refuses, in one line, files that are missing or are no certificate', () => {
    const cert = file('cert.pem', 'a shopping list');
    expect(() => readTls({ cert, key: join(folder, 'none.pem') })).toThrow(
      /none\.pem cannot be read \(ENOENT\)/,
    );
    expect(() => readTls({ cert, key: cert })).toThrow(/^HTTPS cannot be served with .*cert\.pem/);
  });
});

describe('the data folder', () => {
  it('is made where it is missing', () => {
    const parent = mkdtempSync(join(tmpdir(), 'heron-folder-'));
    openDataFolder(join(parent, 'a', 'b'));
    expect(readdirSync(join(parent, 'a', 'b'))).toEqual([]);
  });

  it('is refused in one line where it cannot be', () => {
    const file = join(mkdtempSync(join(tmpdir(), 'heron-folder-')), 'file');
    writeFileSync(file, '');
    expect(() => openDataFolder(join(file, 'data'))).toThrow(/cannot be written \(ENOTDIR\)/);
  });
});
