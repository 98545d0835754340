import fc from 'fast-check';
import { exchangedCardSchema, exchangeJsonSchema, exchangeSchema, type Exchange } from './exchange.js';
import { generatedCards } from '../testing/generatedCards.js';

const empty: Exchange = {
  ...{ format: 'lone-heron-exchange', version: 1, writtenAt: '2026-11-25T12:00:00.000Z' },
  ...{ machines: [], cards: [], coupons: [] },
};

describe('an exchange', () => {
  it('says the same after it was written down and read, whatever the cards hold', () => {
    fc.assert(
      fc.property(fc.array(generatedCards, { maxLength: 3 }), (cards) => {
        const file: Exchange = { ...empty, cards };
        expect(exchangeSchema.parse(JSON.parse(JSON.stringify(file)))).toEqual(file);
      }),
      { numRuns: 200 },
    );
  });

  it('refuses versions that are out of their order', () => {
    fc.assert(
      fc.property(
        generatedCards.filter(({ versions }) => versions.length > 1),
        (card) => {
          const turned = { ...card, versions: card.versions.toReversed() };
          expect(exchangedCardSchema.safeParse(turned).success).toBe(false);
        },
      ),
      { numRuns: 50 },
    );
  });

  it('has a JSON Schema that names every part and lets no other in', () => {
    const schema = exchangeJsonSchema() as {
      $schema: string;
      required: string[];
      additionalProperties: boolean;
      properties: Record<string, unknown>;
    };
    expect(schema.$schema).toContain('2020-12');
    expect(schema.required).toEqual(Object.keys(empty));
    expect(schema.additionalProperties).toBe(false);
  });
});
