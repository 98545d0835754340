import type { Page } from 'puppeteer-core';

interface GivenFile {
  readonly name: string;
  readonly type: string;
  readonly bytes: Buffer;
  /** What its field is called; the page’s first where left out. */
  readonly field?: string;
}

/** Gives a file to the page's field for files, as choosing it would. */
export async function giveFile(page: Page, { name, type, bytes, field: called }: GivenFile): Promise<void> {
  const input = await page.waitForSelector(
    `input[type="file"]${called === undefined ? '' : `[aria-label="${called}"]`}`,
  );
  await page.evaluate(
    (field, file) => {
      const carried = new DataTransfer();
      const content = Uint8Array.from(atob(file.base64), (letter) => letter.charCodeAt(0));
      carried.items.add(new File([content], file.name, { type: file.type }));
      (field as HTMLInputElement).files = carried.files;
      field?.dispatchEvent(new Event('change', { bubbles: true }));
    },
    input,
    { name, type, base64: bytes.toString('base64') },
  );
}
