import { machineLinkDraftSchema, registerMapSchema, type MachineLinkDraft } from '@lone-heron/contract';
import type { ParameterKey } from '@lone-heron/core';
import { readJsonText } from './readJsonText.js';

/** A link as it is typed. */
export interface LinkForm {
  readonly host: string;
  readonly port: string;
  /** The map as JSON. */
  readonly map: string;
  readonly mayWrite: boolean;
  readonly allowed: readonly ParameterKey[];
}

export const emptyLink: LinkForm = { host: '', port: '502', map: '', mayWrite: false, allowed: [] };

export function linkFormOf({ host, port, map, mayWrite, allowed }: MachineLinkDraft): LinkForm {
  return { host, port: String(port), map: JSON.stringify(map, null, 2), mayWrite, allowed };
}

/** A link, or what is wrong with what was typed, each at its place. */
export function readLinkForm(
  form: LinkForm,
): { readonly draft: MachineLinkDraft } | { readonly faults: readonly string[] } {
  const map = readJsonText(form.map, registerMapSchema);
  if ('fault' in map) return { faults: [map.fault] };
  const parsed = machineLinkDraftSchema.safeParse({
    host: form.host,
    port: form.port.trim() === '' ? Number.NaN : Number(form.port),
    map: map.value,
    mayWrite: form.mayWrite,
    allowed: form.allowed,
  });
  if (parsed.success) return { draft: parsed.data };
  return { faults: parsed.error.issues.map(({ path, message }) => `${path.join('.')}: ${message}`) };
}
