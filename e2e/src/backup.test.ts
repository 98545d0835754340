import { spawnSync } from 'node:child_process';
import { existsSync, readdirSync, writeFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import type { ElementHandle } from 'puppeteer-core';
import { openBrowser, openPage } from './support/browser.js';
import { freshFolder, removeFolder, startHeron, takeSeeded } from './support/heron.js';
import { openDesk } from './support/desk.js';
import { fill, press, seeText, signIn } from './support/screen.js';
import { countedCoupons } from './support/counted.js';

const folders = [freshFolder(), freshFolder()] as const;
afterAll(() => folders.forEach(removeFolder));

const command = (folder: string, ...words: readonly string[]) => commandWith({}, folder, ...words);
const commandWith = (env: NodeJS.ProcessEnv, folder: string, ...words: readonly string[]) =>
  spawnSync(
    process.execPath,
    [resolve(__dirname, '../../apps/server/dist/served/backupCommand.js'), ...words],
    {
      env: { ...process.env, ...env, HERON_DATA: folder },
      encoding: 'utf8',
    },
  );
const ask = async (url: string, path: string): Promise<unknown> =>
  (await fetch(`${url}/api/${path}`)).json() as Promise<unknown>;

describe('a whole shop', () => {
  it('is backed up with one click, and restored onto an empty machine gives the same answers', async () => {
    const [mine, other] = folders;
    takeSeeded(mine);
    const heron = await startHeron(mine);
    const browser = await openBrowser();
    const page = await openPage(browser, `${heron.url}/shop/backup`);
    await seeText(page, 'It is for a lead who is signed in.');
    await signIn(page, 'Ines');
    await seeText(page, 'Nothing is backed up yet.');
    await press(page, 'Back up now');
    await seeText(page, 'The copy was opened and looked through.');
    const { total } = await countedCoupons(heron.url);
    await seeText(page, `${total} coupons`);
    await browser.close();
    const before = [await ask(heron.url, 'coupons?limit=200'), await ask(heron.url, 'cards')];
    const [file] = readdirSync(join(mine, 'backups'));
    const whole = join(mine, 'backups', file ?? '');
    expect(command(mine, 'restore', whole, '--yes').stderr).toContain('is being served');
    await heron.stop();
    expect(command(other, 'restore', whole).stdout).toContain('Nothing was changed.');
    expect(existsSync(join(other, 'heron.sqlite'))).toBe(false);
    const restored = command(other, 'restore', whole, '--yes');
    expect(restored.stdout).toMatch(
      new RegExp(`It holds 3 machines, .* ${total} coupons .*, and is whole\\.[\\s\\S]*Restored into`),
    );
    const again = await startHeron(other);
    expect([await ask(again.url, 'coupons?limit=200'), await ask(again.url, 'cards')]).toEqual(before);
    await again.stop();
  });

  it('is put back at the page by a lead, with what was there set aside', async () => {
    const [mine] = folders;
    const heron = await startHeron(mine);
    const lead = await openDesk(heron.url, 'ines');
    expect((await lead.put('people/jonna', { name: 'Jonna', role: 'welder', pin: '13579' })).status).toBe(
      200,
    );
    const browser = await openBrowser();
    const page = await openPage(browser, `${heron.url}/shop/backup`);
    await signIn(page, 'Ines');
    await (await page.waitForSelector('::-p-xpath(//button[contains(., "Put it in place")])'))?.click();
    await seeText(page, 'What was written since is no longer in it.');
    await fill(page, 'PIN of Ines 4 to 8 digits', '2469');
    await press(page, 'Put it in place');
    await seeText(page, 'Not put in place. That PIN is not right.');
    await fill(page, 'PIN of Ines 4 to 8 digits', '2468');
    await press(page, 'Put it in place');
    await seeText(page, 'This page opens anew by itself.');
    await seeText(page, 'It is for a lead who is signed in.');
    expect(JSON.stringify(await ask(heron.url, 'people'))).not.toContain('Jonna');
    const aside = readdirSync(mine).filter((name) => name.startsWith('before-restore-'));
    expect(aside).toHaveLength(1);
    await browser.close();
    expect(await heron.stop()).toBe(0);
  });

  it('is put back from an encrypted file of elsewhere, with its passphrase', async () => {
    const [mine, other] = folders;
    const words = join(other, 'passphrase');
    writeFileSync(words, 'four herons on one leg\n');
    const sealed = join(other, 'elsewhere.zip.age');
    expect(command(mine, 'backup', sealed).stderr).toContain('wants a passphrase');
    expect(commandWith({ HERON_PASSPHRASE_FILE: words }, mine, 'backup', sealed).stdout).toContain(
      'without the passphrase nobody opens it again',
    );
    const heron = await startHeron(mine);
    const browser = await openBrowser();
    const page = await openPage(browser, `${heron.url}/shop/backup`);
    await signIn(page, 'Ines');
    const input = await page.waitForSelector('input[type="file"]');
    await (input as ElementHandle<HTMLInputElement>).uploadFile(sealed);
    await seeText(page, 'This backup is encrypted.');
    await fill(page, 'Passphrase to the letter', 'four herons on two legs');
    await press(page, 'Open it');
    await seeText(page, 'the passphrase is another');
    await fill(page, 'Passphrase to the letter', 'four herons on one leg');
    await press(page, 'Open it');
    await seeText(page, 'What was written since is no longer in it.');
    await fill(page, 'PIN of Ines 4 to 8 digits', '2468');
    await press(page, 'Put it in place');
    await seeText(page, 'It is for a lead who is signed in.');
    await browser.close();
    expect(await heron.stop()).toBe(0);
  });

  it('is copied at the command line too, and never over a file that is there', () => {
    const [mine] = folders;
    const target = join(mine, 'mine.zip');
    expect(command(mine, 'backup', target).stdout).toContain('It was opened and looked through.');
    expect(command(mine, 'backup', target).stderr).toContain('is there already; nothing is overwritten');
    expect(command(mine, 'restore').stderr).toContain('restore takes the file of a backup');
    expect(command(mine, 'restore', join(mine, 'none.zip')).stderr).toContain('There is no file');
  });
});
