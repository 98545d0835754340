import type { Locator, Page } from 'puppeteer-core';

/** How often what is aimed at may have moved away before a press is a fault of the page. */
const mostTries = 10;

/**
 * Presses an element with the mouse, and nothing else: between looking where it lies and pressing there, a busy machine leaves
 * time enough for a page to move another key under the pointer. A press that would meet something else does nothing and is made
 * again, as a person would who looks. What lies over the element for good fails, and what moves away because it is pressed.
 */
export async function pressThere(page: Page, locator: Locator<Element>): Promise<void> {
  for (let tries = 1; ; tries += 1) {
    await locator.filter(aimAt).click();
    const missed = await takeAim(page);
    if (missed === null) return;
    const { event, met } = missed;
    if (event !== 'pointerdown') throw new Error(`it moved away under the press, whose ${event} met: ${met}`);
    if (tries === mostTries)
      throw new Error(`a press met something else ${mostTries} times, at last: ${met}`);
  }
}

/** From here on the page takes a press on this element alone, until the aim ends. Runs in the page, always true. */
function aimAt(element: Element): boolean {
  const { dataset } = document.documentElement;
  const name = `${Math.random()}`;
  const isHit = ({ type, target }: Event) =>
    target instanceof Element &&
    (element.contains(target) ||
      target.closest('label')?.control === element ||
      (type !== 'pointerdown' && !element.isConnected));
  const guard = (event: Event) => {
    if (dataset['aim'] !== name || isHit(event)) return;
    event.stopImmediatePropagation();
    event.preventDefault();
    dataset['missed'] ??= event.type;
    dataset['met'] ??= event.target instanceof Element ? event.target.outerHTML.slice(0, 200) : 'no element';
  };
  dataset['aim'] = name;
  delete dataset['missed'];
  delete dataset['met'];
  for (const kind of ['pointerdown', 'mousedown', 'pointerup', 'mouseup', 'click'])
    window.addEventListener(kind, guard, { capture: true });
  return true;
}

/** Ends the aim. @returns the first event that met something else; null where the press landed, or the page has gone on with it */
async function takeAim(page: Page): Promise<{ event: string; met: string } | null> {
  return page.evaluate(() => {
    const { dataset } = document.documentElement;
    const { missed: event, met = '' } = dataset;
    delete dataset['aim'];
    delete dataset['missed'];
    delete dataset['met'];
    return event === undefined ? null : { event, met };
  });
}
