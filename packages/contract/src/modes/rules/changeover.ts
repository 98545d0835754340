import type { MachineProfile } from '../../machines/machine.js';
import type { GunMode, RecordDetail, ShopRecord } from '../../records/shopRecord.js';
import type { HandMode } from '../modeWork.js';
import { modesOf } from './modeOnMachine.js';

/** Something that is confirmed before the gun does another thing than it did. */
interface ChangeoverStep {
  readonly id: string;
  readonly title: string;
  readonly why: string;
}

const step = (id: string, title: string, why: string): ChangeoverStep => ({ id, title, why });

/** What a mode of Dial asks the gun to be switched to. */
const gunModes: Readonly<Record<HandMode, Exclude<GunMode, 'weld'>>> = {
  clean: 'clean',
  cut: 'cut',
  spot: 'pulses',
  seam: 'pulses',
};
export const gunModeOf = (mode: HandMode): GunMode => gunModes[mode];

/** What a machine can be switched to; welding with light that stays on among them where it is no lamp. */
export function gunModesOf(profile: MachineProfile): readonly GunMode[] {
  const others = new Set(modesOf(profile).map(gunModeOf));
  return profile.lamp === null ? ['weld', ...others] : [...others];
}

/** What is read at a change-over, beside the steps. */
export function asksOf(to: GunMode): { readonly gas: boolean; readonly behind: boolean } {
  return { gas: to === 'cut', behind: to === 'cut' };
}

const swapped = {
  head: step('fitting', 'Cleaning head on, and the panel told so', 'Which ready lights count depends on it.'),
  lens: step(
    'fitting',
    'Cleaning lens in, and the panel told so',
    'Face down, in still air; which ready lights count depends on it.',
  ),
  none: step('fitting', 'Panel switched to cleaning', 'Which ready lights count depends on it.'),
};
const barrier = step(
  'barrier',
  'Barrier shut, rated eyewear on everybody in sight',
  'The beam of another mode reaches further.',
);

/** What is confirmed before a machine does a mode, in the order of the hand. */
export function changeoverSteps(to: GunMode, profile: MachineProfile): readonly ChangeoverStep[] {
  return [barrier, ...ofMode[to](profile), lights(to, profile)];
}

const ofMode: Readonly<Record<GunMode, (profile: MachineProfile) => readonly ChangeoverStep[]>> = {
  weld: () => [
    step('fitting', 'Welding nozzle and lens back on', 'The nozzle for the joint, its groove for the wire.'),
    step('clamp', 'Work clamp on the work', 'A safety contact: without it no light.'),
    step('gas', 'Shielding gas back on, air off', 'Air under a weld that asks for argon spoils it.'),
    step('scrap', 'Pointer and test line on scrap', 'What was taken off seldom comes back quite as it was.'),
  ],
  clean: ({ cleaning }) => [
    swapped[cleaning?.fitting ?? 'none'],
    step('window', 'Window of the cleaning side looked at', 'A speck burns in with the first light.'),
    step('coat', 'The coat is known', 'Lead, chromate, zinc or fluorine in the fume: not without knowing.'),
    step(
      'extraction',
      'Extraction at the gun, respirator as the coat asks',
      'All that comes off is dust and fume.',
    ),
    step(
      'fire',
      'Nothing that burns, no glass, no mirror in line',
      'Bright metal throws the light back until it is broken up.',
    ),
  ],
  cut: () => [
    step('fitting', 'Cutting nozzle on, its bore read', 'Smaller bore, faster air, less dross.'),
    step(
      'dry',
      'Air dry and free of oil: dryer drained, filter looked at',
      'One drop on the window at this power and it is gone.',
    ),
    step('behind', 'Brick or a metal tray behind, nobody there', 'The beam goes on far behind the cut.'),
    step(
      'fire',
      'Extinguisher at hand, fire watch agreed',
      'Sparks and drops go underneath, where nobody looks.',
    ),
  ],
  pulses: ({ coolant }) => [
    step(
      'water',
      'Water flows, no alarm of flow or temperature',
      'The lamp stops itself without it; the panel shows why.',
    ),
    ...(coolant.length === 0
      ? []
      : [step('warm', 'Water at its set point', 'Cold water in damp air wets the optics.')]),
    step('charged', 'Lamp lit, supply charged', 'Charging takes its time; the panel says ready.'),
    step('sent', 'The stored setting is sent', 'What lies in the store does nothing until it is.'),
  ],
};

function lights(to: GunMode, { readyLights }: MachineProfile): ChangeoverStep {
  const words = readyLights.find(({ mode }) => mode === (to === 'pulses' ? 'weld' : to))?.lights;
  return step(
    'lights',
    'Ready lights of the panel',
    words === undefined ? 'Which ones, the manual says.' : `${words}.`,
  );
}

type Changeover = Extract<RecordDetail, { readonly kind: 'changeover' }>;

/** What a change-over does not say that its machine asks, each as a field with what is allowed. */
export function changeoverGaps(
  detail: Changeover,
  profile: MachineProfile,
): readonly { readonly field: string; readonly given: string; readonly allowed: string }[] {
  const { to, confirmed, pressureBar, boreMm, behind } = detail;
  const can = gunModesOf(profile);
  if (!can.includes(to)) return [{ field: 'detail.to', given: to, allowed: can.join(', ') }];
  const asks = asksOf(to);
  const left = changeoverSteps(to, profile).filter(({ id }) => !confirmed.includes(id));
  return [
    ...left.map(({ title }) => ({ field: 'detail.confirmed', given: 'not confirmed', allowed: title })),
    ...(asks.gas && pressureBar === null
      ? [{ field: 'detail.pressureBar', given: 'nothing', allowed: 'the pressure that was read' }]
      : []),
    ...(asks.gas && boreMm === null
      ? [{ field: 'detail.boreMm', given: 'nothing', allowed: 'the bore of the nozzle' }]
      : []),
    ...(asks.behind && behind === ''
      ? [{ field: 'detail.behind', given: 'nothing', allowed: 'what stands behind the cut' }]
      : []),
  ];
}

/** The newest change-over of a machine that stands; null where none was written down. */
export function lastChangeover(
  records: readonly ShopRecord[],
): (ShopRecord & { readonly detail: Changeover }) | null {
  const all = records.filter(
    (record): record is ShopRecord & { readonly detail: Changeover } =>
      record.detail.kind === 'changeover' && record.withdrawnAt === null,
  );
  return all.toSorted((a, b) => b.at.localeCompare(a.at))[0] ?? null;
}
