import { z } from 'zod';
import { clientId, moment } from '../wire/bounded.js';
import { cardContentSchema, cardDraftSchema } from '../cards/card.js';
import { filedCouponSchema } from '../couponFiles/couponFile.js';
import { modeCardDraftSchema } from '../modeCards/modeCard.js';
import { trialDraftSchema } from '../trials/trial.js';
import { jobDraftSchema } from '../jobs/job.js';
import { machineId, machineProfileSchema, machineSchema } from '../machines/machine.js';

/** What an exchange file says it is, and the newest version that is read here. */
export const exchangeFormat = 'lone-heron-exchange';
export const exchangeVersion = 1;

/** Formats of an exchange: everything as JSON, or cards alone as CSV. */
export const exchangeFileFormats = ['json', 'csv'] as const;
export type ExchangeFileFormat = (typeof exchangeFileFormats)[number];
/** Largest exchange file that is read, bytes. */
export const largestExchange = 20 * 1024 * 1024;

const personName = z.string({ error: 'a name' }).max(60, { error: 'a name of up to 60 characters' });

/** A version of a card with who wrote and signed it, by name: people are each shop's own. */
const exchangedVersionSchema = z.strictObject(
  {
    ...cardDraftSchema.shape,
    version: z.int({ error: 'a whole number from 1' }).positive({ error: 'a whole number from 1' }),
    writtenBy: personName,
    writtenAt: moment,
    signedBy: personName.nullable(),
    signedAt: moment.nullable(),
    /** Ids of the coupons that were welded by it. */
    coupons: z.array(clientId, { error: 'ids of coupons' }),
  },
  {
    error:
      'a version with version, content, why, carriedFrom, writtenBy, writtenAt, signedBy, signedAt and coupons',
  },
);
export type ExchangedVersion = z.infer<typeof exchangedVersionSchema>;

const inOrder = { error: 'versions in their order, numbered from 1' };

export const exchangedCardSchema = z.strictObject(
  {
    id: clientId,
    /** Oldest first. */
    versions: z
      .array(exchangedVersionSchema, inOrder)
      .min(1, inOrder)
      .max(500, inOrder)
      .refine((all) => all.every(({ version }, i) => version === i + 1), inOrder),
  },
  { error: 'a card with id and versions' },
);
export type ExchangedCard = z.infer<typeof exchangedCardSchema>;

export const exchangedMachineSchema = z.strictObject(
  { id: machineId, name: machineSchema.shape.name, profile: machineProfileSchema },
  { error: 'a machine with id, name and profile' },
);
export type ExchangedMachine = z.infer<typeof exchangedMachineSchema>;

/** A job as it is planned now. Its pictures do not travel in it, nor what was welded of it: a job's own papers and a backup carry those. */
export const exchangedJobSchema = z.strictObject(
  { id: clientId, draft: jobDraftSchema },
  { error: 'a job with id and draft' },
);
export type ExchangedJob = z.infer<typeof exchangedJobSchema>;

/** A card of cleaning, cutting or pulses as it stands now. */
export const exchangedModeCardSchema = z.strictObject(
  { id: clientId, draft: modeCardDraftSchema },
  { error: 'a card of another mode with id and draft' },
);
export type ExchangedModeCard = z.infer<typeof exchangedModeCardSchema>;

/** A strip, a piece or a pulse; its photos and its ladder stay where they are. */
export const exchangedTrialSchema = z.strictObject(
  { id: clientId, draft: trialDraftSchema },
  { error: 'a trial with id and draft' },
);
export type ExchangedTrial = z.infer<typeof exchangedTrialSchema>;

/** Machines, cards, coupons and jobs of a shop in one file. */
export const exchangeSchema = z.strictObject(
  {
    format: z.literal(exchangeFormat),
    version: z.literal(exchangeVersion),
    writtenAt: moment,
    machines: z.array(exchangedMachineSchema),
    cards: z.array(exchangedCardSchema),
    coupons: z.array(filedCouponSchema),
    /** Left out in files from before there were any. */
    jobs: z.array(exchangedJobSchema).optional(),
    modeCards: z.array(exchangedModeCardSchema).optional(),
    trials: z.array(exchangedTrialSchema).optional(),
  },
  {
    error: `an object with format ${exchangeFormat}, version, writtenAt, machines, cards, coupons, jobs, modeCards and trials`,
  },
);
export type Exchange = z.infer<typeof exchangeSchema>;

/** A card out of a row of a CSV: its newest version alone. */
export const cardRowSchema = z.strictObject({ id: clientId.optional(), content: cardContentSchema });
export type CardRow = z.infer<typeof cardRowSchema>;

/** The file's shape as JSON Schema (draft 2020-12), as it is published beside the documents. */
export function exchangeJsonSchema(): object {
  const schema = z.toJSONSchema(exchangeSchema, { io: 'input', unrepresentable: 'any', reused: 'ref' });
  return {
    $id: 'https://lone-heron.invalid/exchange-1.schema.json',
    title: 'Lone Heron exchange, version 1',
    ...schema,
  };
}

const exchangedNouns = ['machine', 'card', 'coupon', 'job', 'modeCard', 'trial'] as const;
export type ExchangedNoun = (typeof exchangedNouns)[number];

/**
 * How something in a file stands against what is here: to be added, further on than ours, here already, saying something
 * else than ours under the same id, or wrong.
 */
const exchangeStandings = ['new', 'newer', 'here', 'conflict', 'wrong'] as const;
export type ExchangeStanding = (typeof exchangeStandings)[number];

const exchangeRowSchema = z.strictObject({
  of: z.enum(exchangedNouns),
  /** Place in its list, from 1; line of a CSV with its head. */
  row: z.int().positive(),
  /** What it is chosen by where it clashes: its id; empty where it has none. */
  id: z.string(),
  standing: z.enum(exchangeStandings),
  words: z.string(),
  reasons: z.array(z.string()),
});
export type ExchangeRow = z.infer<typeof exchangeRowSchema>;

export const exchangePreviewSchema = z.strictObject({
  hash: z.string().regex(/^[0-9a-f]{64}$/),
  rows: z.array(exchangeRowSchema),
});
export type ExchangePreview = z.infer<typeof exchangePreviewSchema>;

/** What came of a file. */
export const exchangeStoredSchema = z.strictObject({
  machines: z.int().nonnegative(),
  cards: z.int().nonnegative(),
  coupons: z.int().nonnegative(),
  jobs: z.int().nonnegative(),
  modeCards: z.int().nonnegative(),
  trials: z.int().nonnegative(),
});
export type ExchangeStored = z.infer<typeof exchangeStoredSchema>;
