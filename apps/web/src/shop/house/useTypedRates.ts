import type { HouseContent } from '@lone-heron/contract';
import { useState } from 'react';
import { figure } from '../../shared/figures/figures.js';
import { typedText } from '../../shared/figures/spoken.js';
import { useTypedValues } from '../../shared/form/useTypedValues.js';
import { arc, machine, perLength, work } from './jobRateFields.js';

type JobRates = HouseContent['jobRates'];

/** What is typed of the rates; by the foot where lengths are in inches. */
export function useTypedRates(content: JobRates) {
  const { metres } = perLength();
  const texts = <Name extends string>(of: Readonly<Record<Name, number>>, names: readonly Name[]) =>
    Object.fromEntries(
      names.map((name) => [name, figure(of[name] * (isPerMetre(name) ? metres : 1), 3)]),
    ) as Record<Name, string>;
  const [name, setName] = useState(content.arc.name);
  const typedWork = useTypedValues(work, texts(content, Object.keys(work) as (keyof typeof work)[]));
  const typedArc = useTypedValues(arc, {
    ...texts(content.arc, Object.keys(arc) as (keyof typeof arc)[]),
    travelMmS: typedText(content.arc.travelMmS, 'mm/s', 2),
  });
  const typedMachine = useTypedValues(
    machine,
    content.machine === null ? {} : texts(content.machine, Object.keys(machine) as (keyof typeof machine)[]),
  );
  const inMetres = <Name extends string>(values: Readonly<Record<Name, number>>) =>
    Object.fromEntries(
      Object.entries<number>(values).map(([key, value]) => [key, isPerMetre(key) ? value / metres : value]),
    ) as Record<Name, number>;
  const isWithoutMachine = Object.values(typedMachine.texts).every((text) => text.trim() === '');
  return {
    ...{ name, setName, work: typedWork, arc: typedArc, machine: typedMachine },
    /** Null while a field cannot be read. */
    read: (): JobRates | null => {
      if (typedWork.values === null || typedArc.values === null || name.trim() === '') return null;
      if (!isWithoutMachine && typedMachine.values === null) return null;
      return {
        ...inMetres(typedWork.values),
        arc: { name: name.trim(), ...inMetres(typedArc.values) },
        machine: isWithoutMachine ? null : typedMachine.values,
      };
    },
  };
}

const isPerMetre = (name: string): boolean => name.endsWith('PerM');
