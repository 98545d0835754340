/** Pages that are for those who have not signed in: a phone that is to trust the shop asks how before anybody does on it. */
const openPages = ['/shop/phones'];

export function isOpenPage(pathname: string): boolean {
  return openPages.includes(pathname);
}
