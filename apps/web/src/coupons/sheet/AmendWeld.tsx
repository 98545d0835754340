import type { Coupon, Machine } from '@lone-heron/contract';
import { PickField } from '../../shared/form/PickField.js';
import { KnobFields } from '../../shared/panel/KnobFields.js';
import { readTypedKnobs, settingWith, type TypedKnobs } from '../../shared/panel/typedSetting.js';

/** Machine, moment and setting of a coupon as they are typed. */
export interface TypedWeld {
  readonly machineId: string;
  /** As a date field writes it; empty where it stays. */
  readonly moment: string;
  readonly knobs: TypedKnobs;
}

export const untypedWeld = ({ machineId }: Coupon): TypedWeld => ({ machineId, moment: '', knobs: {} });

/** What was typed; null while something of it is at fault. */
export function readWeld(
  { machineId, setting, weldedAt }: Coupon,
  typed: TypedWeld,
  machine: Machine | undefined,
): Pick<Coupon, 'machineId' | 'setting' | 'weldedAt'> | null {
  if (machine === undefined)
    return typed.machineId === machineId && typed.moment === '' ? { machineId, setting, weldedAt } : null;
  const turned = settingWith(setting, readTypedKnobs(setting, typed.knobs, machine));
  const moment = typed.moment === '' ? new Date(weldedAt) : new Date(typed.moment);
  if (turned === null || Number.isNaN(moment.getTime()) || moment.getTime() > Date.now()) return null;
  return {
    machineId: typed.machineId,
    setting: turned,
    weldedAt: typed.moment === '' ? weldedAt : moment.toISOString(),
  };
}

interface AmendWeldProps {
  coupon: Coupon;
  typed: TypedWeld;
  machines: readonly Machine[];
  onType: (typed: TypedWeld) => void;
}

/** For who picked the wrong machine, or logged another setting than the panel had: a rung keeps its ladder's. */
export function AmendWeld({ coupon, typed, machines, onType }: AmendWeldProps) {
  const machine = machines.find(({ id }) => id === typed.machineId);
  const isRung = coupon.rung !== undefined;
  return (
    <details className="rounded-box border border-base-300 px-3">
      <summary className="min-h-12 cursor-pointer content-center font-medium">
        {isRung ? 'When it was welded' : 'Machine, setting, and when it was welded'}
      </summary>
      <div className="grid grid-cols-2 items-start gap-3 pb-3 sm:grid-cols-3">
        {!isRung && (
          <PickField
            label="Machine"
            value={typed.machineId}
            choices={machines.map(({ id, name }) => ({ value: id, label: name }))}
            onPick={(machineId) => onType({ ...typed, machineId, knobs: {} })}
          />
        )}
        <label className="flex flex-col gap-1">
          <span className="text-sm font-medium">Welded, if not as logged</span>
          <input
            type="datetime-local"
            className="input touch-always w-full text-base"
            value={typed.moment}
            onChange={(event) => onType({ ...typed, moment: event.target.value })}
          />
        </label>
        {!isRung && machine !== undefined && (
          <KnobFields
            knobs={readTypedKnobs(coupon.setting, typed.knobs, machine)}
            typed={typed.knobs}
            onType={(knobs) => onType({ ...typed, knobs })}
          />
        )}
      </div>
    </details>
  );
}
