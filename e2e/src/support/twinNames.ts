import type { Page } from 'puppeteer-core';

/** Names that two buttons of a page share, or two links to different places: who hears the page cannot tell them apart. */
export function twinNames(page: Page): Promise<string[]> {
  return page.$eval('main', (main) => {
    const places = new Map<string, string[]>();
    for (const element of main.querySelectorAll<HTMLElement>('button, a[href]')) {
      if (!element.checkVisibility()) continue;
      const picture = element.querySelector('img')?.alt ?? '';
      const name = (element.getAttribute('aria-label') ?? (element.innerText || picture))
        .trim()
        .replace(/\s+/g, ' ');
      const place = element.getAttribute('href') ?? 'pressed here';
      places.set(name, [...(places.get(name) ?? []), place]);
    }
    return [...places]
      .filter(([, all]) => all.length > 1 && (all.includes('pressed here') || new Set(all).size > 1))
      .map(([name, all]) => `${name}: ${all.length} times`);
  });
}
