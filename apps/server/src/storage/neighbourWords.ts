import { z } from 'zod';

/** Where servers that share a database tell each other what is stored nowhere. */
export const wordsChannel = 'heron_words';

/** Who speaks, and of which shop: a database may hold several. */
interface Speaker {
  readonly from: string;
  readonly schema: string;
}

const speakerSchema = z.tuple([z.uuid(), z.string()]);

/** Words as they go over the line: JSON in JSON would double every quote, so they stand behind a line of who says them. */
export const wordsOf = ({ from, schema }: Speaker, words: string): string =>
  `${JSON.stringify([from, schema])}\n${words}`;

/** What another server said; null for this one's own words, and for those of another shop. */
export function wordsFrom(payload: string, me: Speaker): string | null {
  const end = payload.indexOf('\n');
  const [from, schema] = speakerSchema.parse(JSON.parse(payload.slice(0, end)));
  return from === me.from || schema !== me.schema ? null : payload.slice(end + 1);
}
