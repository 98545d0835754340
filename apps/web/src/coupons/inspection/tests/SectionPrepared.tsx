import type { Coupon } from '@lone-heron/contract';
import { etchantFacts, etchantsFor, findMetal, type Etchant } from '@lone-heron/core';
import { TriangleAlert } from 'lucide-react';
import { useState } from 'react';
import { PickField } from '../../../shared/form/PickField.js';
import { TextField } from '../../../shared/form/TextField.js';

/** How a section was made ready to be looked at. */
export interface SectionPreparation {
  readonly grits: string;
  readonly etchant: Etchant;
  readonly isThrough: boolean;
}

/** A preparation as most do it: two grits, and the mildest etchant of the metal. */
export function useSectionPreparation({ joint }: Coupon) {
  return useState<SectionPreparation>(() => ({
    grits: '240, 600',
    etchant: etchantsFor(findMetal(joint.metal).family)[0] ?? 'none',
    isThrough: false,
  }));
}

interface SectionPreparedProps {
  coupon: Coupon;
  prepared: SectionPreparation;
  onChange: (prepared: SectionPreparation) => void;
}

/** Grits, etchant with how it is used and its caution, and whether the melt came through. */
export function SectionPrepared({ coupon, prepared, onChange }: SectionPreparedProps) {
  const choices = etchantsFor(findMetal(coupon.joint.metal).family);
  const { how, caution } = etchantFacts(prepared.etchant);
  return (
    <>
      <div className="grid gap-3 sm:grid-cols-2">
        <TextField
          label="Grits"
          text={prepared.grits}
          longest={60}
          onType={(grits) => onChange({ ...prepared, grits })}
        />
        <PickField
          label="Etchant"
          value={prepared.etchant}
          choices={choices.map((value) => ({ value, label: etchantFacts(value).words }))}
          onPick={(etchant) => onChange({ ...prepared, etchant })}
        />
      </div>
      <p className="text-sm">{how}</p>
      <p className="flex gap-2 rounded-box bg-warning px-3 py-2 text-warning-content">
        <TriangleAlert className="mt-0.5 size-5 shrink-0" aria-hidden="true" />
        <span>{caution} The safety sheet of what you bought decides.</span>
      </p>
      <label className="flex min-h-12 items-center gap-3">
        <input
          type="checkbox"
          className="checkbox"
          checked={prepared.isThrough}
          onChange={(event) => onChange({ ...prepared, isThrough: event.target.checked })}
        />
        The melt came through: it says at least the thickness, never a depth.
      </label>
    </>
  );
}
