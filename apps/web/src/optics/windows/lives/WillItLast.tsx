import {
  shownVersion,
  wornHours,
  type HouseContent,
  type Machine,
  type WindowStudy,
  meanPowerW,
} from '@lone-heron/contract';
import { chanceToLast } from '@lone-heron/core';
import { useState } from 'react';
import { useCardsQuery } from '../../../shared/api/cardsApi.js';
import { houseContent, useHouseQuery } from '../../../shared/api/houseApi.js';
import { PickField } from '../../../shared/form/PickField.js';
import { TypedField } from '../../../shared/form/TypedField.js';
import { useTypedValues } from '../../../shared/form/useTypedValues.js';
import { figure, percentFigure } from '../../../shared/figures/figures.js';
import { bareUnitOf } from '../../../shared/figures/readTyped.js';
import { typedText } from '../../../shared/figures/spoken.js';
import { metalChoices } from '../../../shared/vocabulary/metalNames.js';

interface WillItLastProps {
  study: WindowStudy;
  machines: readonly Machine[];
}

const quantities = {
  metres: { range: { quantity: 'seam', min: 0.01, max: 10_000, unit: 'm' }, dimension: 'length' },
  pace: { range: { quantity: 'pace', min: 0.5, max: 100, unit: 'mm/s' }, dimension: 'speed' },
  power: { range: { quantity: 'mean power', min: 10, max: 6000, unit: 'W' }, dimension: 'power' },
  angle: { range: { quantity: 'gun angle', min: 10, max: 90, unit: '° from the sheet' }, dimension: null },
} as const;

/** The chance that the window that is in lasts a length of seam at a setting, filled in from a card or by hand. */
export function WillItLast({ study, machines }: WillItLastProps) {
  const { data: cards = [] } = useCardsQuery(undefined);
  const { data: house } = useHouseQuery(undefined);
  const [machineId, setMachineId] = useState(study.fitted[0]?.machineId ?? '');
  const [metal, setMetal] = useState(metalChoices[0]?.value ?? 'lowCarbonSteel');
  const typed = useTypedValues(quantities, {
    metres: typedText(10, 'm', 0),
    pace: typedText(10, 'mm/s', 1),
    power: '1000',
    angle: '45',
  });
  const fitted = study.fitted.find((each) => each.machineId === machineId);
  const mine = cards
    .filter(({ retiredAt }) => retiredAt === null)
    .map((card) => ({ card, content: shownVersion(card).content }))
    .filter(({ content }) => content.machineId === machineId);
  const pick = (id: string) => {
    const found = mine.find(({ card }) => card.id === id)?.content;
    if (found === undefined) return;
    const { setting, joint } = found;
    setMetal(joint.metal);
    typed.type('power', figure(meanPowerW(setting), 0));
  };
  const wear = typed.values === null ? null : wearOf(typed.values, metal, houseContent(house).glassWeights);
  const { life } = study;
  return (
    <section className="sheet flex flex-col gap-2 px-5 py-3" aria-label="Will it last">
      <h2 className="font-semibold">Will the one that is in last the job?</h2>
      <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
        <PickField
          label="Machine"
          value={machineId}
          choices={study.fitted.map((each) => ({
            value: each.machineId,
            label: machines.find(({ id }) => id === each.machineId)?.name ?? each.machineId,
          }))}
          onPick={setMachineId}
        />
        <PickField
          label="As on card"
          value=""
          choices={[
            { value: '', label: mine.length === 0 ? 'no card of it' : 'pick one' },
            ...mine.map(({ card, content }) => ({ value: card.id, label: content.name })),
          ]}
          onPick={pick}
        />
        <PickField label="Metal" value={metal} choices={metalChoices} onPick={setMetal} />
        {(['metres', 'pace', 'power', 'angle'] as const).map((name) => (
          <TypedField
            key={name}
            label={{ metres: 'Seam', pace: 'Pace', power: 'Mean power', angle: 'Gun from the sheet' }[name]}
            unit={name === 'angle' ? '°' : bareUnitOf(quantities[name])}
            text={typed.texts[name]}
            read={typed.reads[name]}
            onType={(text) => typed.type(name, text)}
          />
        ))}
      </div>
      {fitted !== undefined && wear !== null && life !== null && (
        <p className="text-lg" role="status">
          Window {fitted.number} lasts it with{' '}
          <strong className="text-2xl tabular-nums">
            {percentFigure(chanceToLast(life, fitted.served, wear))}
          </strong>{' '}
          chance: {figure(fitted.served, 1)} h of wear so far, {figure(wear, 2)} h more. A new one with{' '}
          <strong className="tabular-nums">{percentFigure(chanceToLast(life, 0, wear))}</strong>.
        </p>
      )}
    </section>
  );
}

type Values = Readonly<Record<keyof typeof quantities, number>>;

/** What a seam wears, hours at 1 kW. */
function wearOf(
  { metres, pace, power, angle }: Values,
  metal: (typeof metalChoices)[number]['value'],
  powers: HouseContent['glassWeights'],
): number {
  return wornHours({ metal, seconds: (metres * 1000) / pace, powerW: power, gunAngleDeg: angle }, powers);
}
