import { coreSetting, type CardContent, type Machine } from '@lone-heron/contract';
import { houseContent, useHouseQuery } from '../../shared/api/houseApi.js';
import SendSetting from '../../shared/link/SendSetting.js';
import { behindPanel, panelFigure, panelRows } from '../../shared/panel/panelKnobs.js';
import { jointInWords } from '../../shared/sentences/settingInWords.js';
import { cardFacts } from '../cardFacts.js';

interface CardNumbersProps {
  content: CardContent;
  machine: Machine | undefined;
}

/** What is dialled, large and in the order of the panel; under it what is fitted and how the gun is held. */
export function CardNumbers({ content, machine }: CardNumbersProps) {
  const { units } = houseContent(useHouseQuery(undefined).data);
  const { joint, setting } = content;
  const rows = machine === undefined ? [] : panelRows(machine.profile, coreSetting(setting), units);
  const facts = cardFacts(content, units);
  return (
    <section className="sheet px-5 py-3" aria-label="Dial these">
      <h2 className="flex flex-wrap items-baseline justify-between gap-x-4 font-semibold">
        Dial these <span className="font-normal text-soft">on {machine?.name ?? content.machineId}</span>
      </h2>
      <p className="mb-1 text-soft">{jointInWords(joint)}</p>
      <dl>
        {rows.map((row) => (
          <div
            key={row.knob}
            className="flex items-baseline justify-between gap-4 border-t border-base-300 py-1.5"
          >
            <dt className="text-lg">{row.name}</dt>
            <dd className="text-right">
              <span className="figure text-3xl font-semibold">{panelFigure(row, row.value)}</span>{' '}
              <span className="text-lg">{row.scale.unit}</span>
              <span className="block text-sm text-soft">{behindPanel(row)}</span>
            </dd>
          </div>
        ))}
      </dl>
      {machine !== undefined && (
        <div className="-mx-5">
          <SendSetting machine={machine} setting={setting} what={`the card for ${jointInWords(joint)}`} />
        </div>
      )}
      <dl className="grid grid-cols-[minmax(6rem,auto)_1fr]">
        {facts.map(([name, value]) => (
          <div key={name} className="contents">
            <dt className="border-t border-base-300 py-1.5 pr-5 text-soft">{name}</dt>
            <dd className="border-t border-base-300 py-1.5 whitespace-pre-line">{value}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
