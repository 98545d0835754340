import { expectedDepth, inMm, outcomes } from '@lone-heron/core';
import { Plus, X } from 'lucide-react';
import { MiniSection } from '../../shared/drawing/MiniSection.js';
import { Modal } from '../../shared/page/Modal.js';
import { OutcomeMark } from '../../shared/coupons/OutcomeMark.js';
import { percentFigure } from '../../shared/figures/figures.js';
import { outcomeWords } from '../../shared/vocabulary/outcomeWords.js';
import { mostPins } from '../dialAddress.js';
import type { DialOutcome } from '../dialOutcome.js';
import { soundWords } from '../odds/chanceWords.js';
import type { Dial } from '../useDial.js';
import { comparedRows, comparedSettings, type ComparedSetting } from './comparedSettings.js';

interface ComparePageProps {
  dial: Dial;
  outcome: DialOutcome;
  onClose: () => void;
}

/** Up to three settings of one joint side by side: drawings, odds, and every number, with what differs marked. */
export function ComparePage({ dial, outcome, onClose }: ComparePageProps) {
  const settings = comparedSettings(outcome, dial.address.pins);
  const canPin = dial.address.pins.length < mostPins;
  return (
    <Modal title="Side by side" onClose={onClose} isWide>
      <p className="mb-2 flex flex-wrap items-center gap-3">
        <button type="button" className="btn touch-always" disabled={!canPin} onClick={dial.pin}>
          <Plus className="size-5" aria-hidden="true" /> Put this setting aside
        </button>
        <span className="text-soft">
          {canPin
            ? 'Then turn knobs or pick another way, and come back: it stands beside what you dial.'
            : 'Three stand side by side: take one away to put another aside.'}
        </span>
      </p>
      <div className="overflow-x-auto">
        <table className="compare-table">
          <thead>
            <tr>
              <th scope="col">
                <span className="sr-only">What</span>
              </th>
              {settings.map((setting, index) => (
                <th key={setting.name} scope="col" className="px-2 pb-1 text-left align-bottom">
                  <Picture setting={setting} outcome={outcome} />
                  <span className="flex min-h-11 items-center gap-2">
                    {setting.name}
                    {index > 0 && <PinActs dial={dial} setting={setting} index={index - 1} />}
                  </span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            <OddsRow settings={settings} sound={soundWords(outcome.job)} />
            {comparedRows(settings, outcome).map(({ name, values, isSame }) => (
              <tr key={name}>
                <th scope="row" className="pr-4 text-left font-normal text-soft">
                  {name}
                </th>
                {values.map((value, i) => (
                  <td key={i} className={`figure px-2 py-1 ${isSame ? '' : 'font-semibold'}`}>
                    {value}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </Modal>
  );
}

function PinActs({ dial, setting, index }: { dial: Dial; setting: ComparedSetting; index: number }) {
  return (
    <>
      <button type="button" className="btn touch btn-sm" onClick={() => dial.turnAll(setting.knobs)}>
        Dial this
      </button>
      <button
        type="button"
        className="btn btn-square touch btn-ghost btn-sm"
        aria-label={`Take ${setting.name} away`}
        onClick={() => dial.unpin(index)}
      >
        <X className="size-4" aria-hidden="true" />
      </button>
    </>
  );
}

function Picture({ setting, outcome }: { setting: ComparedSetting; outcome: DialOutcome }) {
  const { joint } = outcome.job;
  const { prediction, expectedReach } = setting.forecast;
  const depthMm = inMm(expectedDepth({ prediction, expectedReach }));
  return (
    <MiniSection
      melt={{ joint, widthMm: inMm(prediction.width), depthMm }}
      outcome={setting.forecast.outcome}
      className="h-16 w-full max-w-52"
    />
  );
}

function OddsRow({ settings, sound }: { settings: readonly ComparedSetting[]; sound: string }) {
  return (
    <tr>
      <th scope="row" className="pr-4 text-left font-normal text-soft">
        Odds
      </th>
      {settings.map(({ name, forecast }) => (
        <td key={name} className="px-2 py-1">
          <strong className="figure text-xl">{percentFigure(forecast.evenChance)}</strong> even,{' '}
          <strong className="figure">{percentFigure(forecast.soundChance)}</strong> {sound}
          <ul className="flex flex-wrap gap-x-3 text-sm">
            {outcomes.map((one) => (
              <li key={one} className="flex items-center gap-1" title={outcomeWords[one]}>
                <OutcomeMark outcome={one} className="size-4" />
                <span className="sr-only">{outcomeWords[one]}</span>
                <span className="figure">{percentFigure(forecast.odds[one])}</span>
              </li>
            ))}
          </ul>
        </td>
      ))}
    </tr>
  );
}
