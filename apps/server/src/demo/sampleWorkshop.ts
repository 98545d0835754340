import {
  startingProfiles,
  type Machine,
  type MachineProfile,
  type Person,
  type StartingProfile,
} from '@lone-heron/contract';

/** People of Saltings Metalworks, a made-up workshop by an estuary. */
export const samplePeople: readonly Person[] = [
  { id: 'ines', name: 'Ines', role: 'lead', isDisabled: false },
  { id: 'maren', name: 'Maren', role: 'welder', isDisabled: false },
  { id: 'tobias', name: 'Tobias', role: 'upkeep', isDisabled: false },
];

/** Its machines, without makers' names: two fibre lasers, and the old lamp unit that still does spots. */
export const sampleMachines: readonly Machine[] = [
  { id: 'bench', name: 'the bench unit', revision: 1, profile: startingProfile('bench') },
  { id: 'barrow', name: 'the barrow unit', revision: 1, profile: startingProfile('barrow') },
  { id: 'lamp', name: 'the old lamp unit', revision: 1, profile: startingProfile('lamp') },
];

function startingProfile(id: StartingProfile['id']): MachineProfile {
  const found = startingProfiles.find((each) => each.id === id);
  if (found === undefined) throw new Error(`no starting profile ${id}`);
  return found.profile;
}
