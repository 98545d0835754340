import type { HousePrices } from '@lone-heron/contract';
import { useState } from 'react';
import { fieldsFirst, SaveButton } from '../../shared/form/SaveButton.js';
import { Failure } from '../../shared/form/Failure.js';
import { TypedField } from '../../shared/form/TypedField.js';
import { figure } from '../../shared/figures/figures.js';
import { readTyped, type TypedQuantity, type TypedValue } from '../../shared/figures/readTyped.js';
import { AskLead } from './AskLead.js';
import type { WrittenSheet } from './useHouseSheet.js';
import { cubicFootLitres, poundKilograms } from '@lone-heron/core';
import { shopUnits } from '../../shared/figures/shopUnits.js';

type PriceName = keyof HousePrices;

const money = (quantity: string, max: number): TypedQuantity => ({
  range: { quantity, min: 0, max, unit: '' },
  dimension: null,
});

interface Question {
  readonly label: string;
  readonly quantity: TypedQuantity;
  /** How many of the record's own measure the label's is; 1 where left out. */
  readonly own?: number;
}

/** What is asked, by the measure that the shop buys in. */
const questionsNow = (): Readonly<Record<PriceName, Question>> => ({
  labourPerHour: { label: 'An hour of a person', quantity: money('an hour of a person', 1000) },
  gasPerCubicMetre:
    shopUnits().gasFlow === 'CFH'
      ? { label: '100 cubic feet of gas', quantity: money('gas', 2800), own: cubicFootLitres / 10 }
      : { label: 'A cubic metre of gas', quantity: money('a cubic metre of gas', 1000) },
  wirePerKilogram:
    shopUnits().mass === 'lb'
      ? { label: 'A pound of wire', quantity: money('a pound of wire', 450), own: poundKilograms }
      : { label: 'A kilogram of wire', quantity: money('a kilogram of wire', 1000) },
  mainsPerKilowattHour: { label: 'A kilowatt hour', quantity: money('a kilowatt hour', 100) },
  window: { label: 'A protective window', quantity: money('a protective window', 10_000) },
  windowHours: {
    label: 'It bears light at 1 kW for',
    quantity: { range: { quantity: 'a window’s life', min: 0.5, max: 500, unit: 'h' }, dimension: null },
  },
});
const names = Object.keys(questionsNow()) as PriceName[];

function typedPrice(price: number, { own = 1 }: Question): string {
  return figure(price * own, 3);
}

/** A price in the record's own measure; one that nobody touched stays to its last digit. */
function readPrice(text: string, was: number, question: Question): TypedValue {
  if (text === typedPrice(was, question)) return { value: was };
  const read = readTyped(text, question.quantity);
  return 'fault' in read ? read : { value: read.value / (question.own ?? 1) };
}

/** What things cost, in the shop's own money: the comparison on Dial goes by them. */
export function PricesPart({ sheet }: { sheet: WrittenSheet<'prices'> }) {
  const questions = questionsNow();
  const [typed, setTyped] = useState(
    () =>
      Object.fromEntries(
        names.map((name) => [name, typedPrice(sheet.content[name], questions[name])]),
      ) as Record<PriceName, string>,
  );
  const reads = names.map(
    (name) => [name, readPrice(typed[name], sheet.content[name], questions[name])] as const,
  );
  const content = Object.fromEntries(
    reads.flatMap(([name, read]) => ('value' in read ? [[name, read.value]] : [])),
  ) as unknown as HousePrices;
  const isReady = reads.every(([, read]) => 'value' in read);
  return (
    <section className="sheet flex flex-col gap-3 p-4" aria-label="Prices">
      <h2 className="text-lg font-semibold">
        Prices{' '}
        {shopUnits().currency === '' && <span className="font-normal text-soft">in your own money</span>}
      </h2>
      {!sheet.mayChange && <AskLead what="the prices" />}
      <div className="grid grid-cols-2 gap-3 md:grid-cols-3">
        {reads.map(([name, read]) => (
          <TypedField
            key={name}
            label={questions[name].label}
            unit={name === 'windowHours' ? 'h' : shopUnits().currency}
            text={typed[name]}
            read={read}
            onType={(text) => setTyped({ ...typed, [name]: text })}
          />
        ))}
      </div>
      <Failure error={sheet.error} />
      <SaveButton
        name="Save the prices"
        waitsFor={
          !sheet.mayChange ? 'A lead changes the prices: sign in as one.' : isReady ? null : fieldsFirst
        }
        isSaving={sheet.isSaving}
        onPress={() => void sheet.save(content, 'The prices are written down.')}
      />
    </section>
  );
}
