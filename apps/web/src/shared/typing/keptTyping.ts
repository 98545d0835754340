/**
 * What is typed on a sheet and not saved yet, by the name of the sheet and of the field. It outlives the sheet being
 * closed, the page being left and the tab being loaded anew; saving ends it, and so does starting afresh. Never a PIN.
 */
type Typing = Readonly<Record<string, unknown>>;

const prefix = 'lone-heron.typed.';
const nothing: Typing = {};
const sheets = new Map<string, Typing>();
const listeners = new Set<() => void>();

/** The same object until something is typed. */
export function typingOf(sheet: string): Typing {
  const known = sheets.get(sheet);
  if (known !== undefined) return known;
  const read = readTyping(sheet);
  sheets.set(sheet, read);
  return read;
}

export function hasTyping(sheet: string): boolean {
  return Object.keys(typingOf(sheet)).length > 0;
}

export function keepTyping(sheet: string, field: string, value: unknown): void {
  store(sheet, { ...typingOf(sheet), [field]: value });
}

/** Ends a sheet's typing. @returns what puts it back */
export function forgetTyping(sheet: string): () => void {
  const before = typingOf(sheet);
  store(sheet, nothing);
  return () => store(sheet, before);
}

/** Told of every change. @returns what ends that */
export function onTyping(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

function store(sheet: string, typing: Typing): void {
  sheets.set(sheet, typing);
  try {
    if (typing === nothing) sessionStorage.removeItem(prefix + sheet);
    else sessionStorage.setItem(prefix + sheet, JSON.stringify(typing));
  } catch {
    // A full or forbidden storage costs what outlives a reload; what is typed still stands on the screen.
  }
  listeners.forEach((tell) => tell());
}

function readTyping(sheet: string): Typing {
  try {
    const kept: unknown = JSON.parse(sessionStorage.getItem(prefix + sheet) ?? 'null');
    return typeof kept === 'object' && kept !== null ? (kept as Typing) : nothing;
  } catch {
    // Unreadable JSON is worth no more than nothing kept.
    return nothing;
  }
}
