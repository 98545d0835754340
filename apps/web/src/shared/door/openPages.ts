/** Pages that are for those who have not signed in: a phone that is to trust the shop asks how before anybody does on it, and whoever was elsewhere to sign in comes back. */
const openPages = ['/shop/phones', '/shop/in'];

export function isOpenPage(pathname: string): boolean {
  return openPages.includes(pathname);
}
