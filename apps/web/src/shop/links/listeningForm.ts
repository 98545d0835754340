import {
  machineTelemetryDraftSchema,
  topicMapSchema,
  type MachineTelemetry,
  type MachineTelemetryDraft,
} from '@lone-heron/contract';
import { readJsonText } from './readJsonText.js';

/** How a machine is listened to, as it is typed. */
export interface ListeningForm {
  readonly isOn: boolean;
  readonly broker: 'own' | 'other';
  readonly host: string;
  readonly port: string;
  readonly user: string;
  /** Empty for the one that stands. */
  readonly password: string;
  readonly silence: string;
  /** The map as JSON. */
  readonly map: string;
}

export const emptyListening: ListeningForm = {
  ...{ isOn: true, broker: 'own', host: '', port: '1883', user: '', password: '', silence: '2', map: '' },
};

/** A user to begin with, out of the machine’s name: "the bench unit" is bench-unit. */
export function userOf(name: string): string {
  const words =
    name
      .toLowerCase()
      .replace(/^the /, '')
      .match(/[a-z0-9]+/g) ?? [];
  const user = words.join('-').slice(0, 40);
  return user.length < 2 ? 'machine' : user;
}

export function listeningFormOf({ isOn, broker, silenceS, map }: MachineTelemetry): ListeningForm {
  const other = broker.is === 'other' ? { host: broker.host, port: String(broker.port) } : {};
  return {
    ...emptyListening,
    ...{
      isOn,
      broker: broker.is,
      user: broker.user,
      silence: String(silenceS),
      map: JSON.stringify(map, null, 2),
    },
    ...other,
  };
}

/** What is to be saved, or what is wrong with what was typed, each at its place. */
export function readListeningForm(
  form: ListeningForm,
): { readonly draft: MachineTelemetryDraft } | { readonly faults: readonly string[] } {
  const map = readJsonText(form.map, topicMapSchema);
  if ('fault' in map) return { faults: [map.fault] };
  const number = (text: string) => (text.trim() === '' ? Number.NaN : Number(text));
  const parsed = machineTelemetryDraftSchema.safeParse({
    isOn: form.isOn,
    broker:
      form.broker === 'own'
        ? { is: 'own', user: form.user }
        : { is: 'other', host: form.host, port: number(form.port), user: form.user },
    password: form.password,
    silenceS: number(form.silence),
    map: map.value,
  });
  if (parsed.success) return { draft: parsed.data };
  return { faults: parsed.error.issues.map(({ path, message }) => `${path.join('.')}: ${message}`) };
}

/** A password that nobody has to think of: 20 letters and digits that are not mistaken for one another. */
export function madePassword(random: (bytes: Uint8Array<ArrayBuffer>) => Uint8Array): string {
  const letters = 'abcdefghjkmnpqrstuvwxyz23456789';
  // Bytes beyond a whole number of alphabets are left out, so that every letter is as likely.
  const most = 256 - (256 % letters.length);
  let made = '';
  while (made.length < 20)
    for (const byte of random(new Uint8Array(32)))
      if (byte < most && made.length < 20) made += letters.charAt(byte % letters.length);
  return made;
}
