import {
  fitLampEnergy,
  findMetal,
  learnCoat,
  learnCut,
  learnLamp,
  pieceOdds,
  pulseOdds,
  pulsedWeld,
  stripOdds,
  suggestClean,
  suggestCut,
  suggestPulses,
  type ThresholdBelief,
} from '@lone-heron/core';
import type { Machine } from '../../machines/machine.js';
import type { Trial } from '../../trials/trial.js';
import type { LookOf } from '../modeLooks.js';
import type { SettingOf } from '../modeSetting.js';
import type { HandMode, WorkOf } from '../modeWork.js';
import { cleanHeadOf, cutHeadOf, lampHeadOf } from './heads.js';
import {
  cleanJobOf,
  cleanSettingOf,
  cutJobOf,
  cutSettingOf,
  lampJobOf,
  lampSettingOf,
  recordedCleaning,
  recordedCut,
  recordedPulses,
} from './modeJobs.js';
import { RememberedFor } from './rememberedFor.js';

/** The shop as a mode is asked in it. */
export interface ModeShop {
  readonly machine: Machine;
  /** Every machine of the shop, for trials of others. */
  readonly machines: readonly Machine[];
  /** Of any mode; those that were taken back are left out here. */
  readonly trials: readonly Trial[];
}

/** What is known of a mode: what to set, the odds of each look, and what that rests on. */
interface ModeRules<Mode extends HandMode> {
  /** Null where nothing can be suggested, and {@link ModeRules.odds} neither. */
  readonly suggest: (work: WorkOf<Mode>, shop: ModeShop) => SettingOf<Mode> | null;
  readonly odds: (
    work: WorkOf<Mode>,
    setting: SettingOf<Mode>,
    shop: ModeShop,
  ) => Readonly<Record<LookOf<Mode>, number>> | null;
  readonly learned: (work: WorkOf<Mode>, shop: ModeShop) => ThresholdBelief | null;
  /** Trials that the odds rest on, newest first as they came. */
  readonly restsOn: (work: WorkOf<Mode>, shop: ModeShop) => readonly Trial[];
}

/** By shop: its trials, and which machine is asked for. */
const beliefs = new RememberedFor<ModeShop, ThresholdBelief>();

const familyOf = (metal: Parameters<typeof findMetal>[0]) => findMetal(metal).family;

/** Trials of a mode that count. */
function counted<Mode extends HandMode>(mode: Mode, { trials }: ModeShop) {
  return trials.filter(
    (trial): trial is Trial & { work: WorkOf<Mode>; setting: SettingOf<Mode>; look: LookOf<Mode> } =>
      trial.work.mode === mode && trial.withdrawnAt === null,
  );
}

const stripsOf = ({ coat }: WorkOf<'clean'>, shop: ModeShop) =>
  counted('clean', shop).filter(({ work }) => work.coat === coat);

const learnedCoat = (work: WorkOf<'clean'>, shop: ModeShop): ThresholdBelief =>
  beliefs.of(shop, `coat ${work.coat}`, () => learnCoatOf(work, shop));

function learnCoatOf(work: WorkOf<'clean'>, shop: ModeShop): ThresholdBelief {
  const strips = stripsOf(work, shop).flatMap((strip) => {
    const head = headOfTrial(strip, shop, cleanHeadOf);
    const isOtherMachine = strip.machineId !== shop.machine.id;
    return head === null
      ? []
      : [
          {
            job: cleanJobOf(strip.work, head),
            setting: cleanSettingOf(strip.setting),
            look: strip.look,
            isOtherMachine,
          },
        ];
  });
  return learnCoat(work.coat, strips);
}

/** The head that a trial was made with; null where its machine is not known any more, or has no such head. */
function headOfTrial<Head>(
  { machineId }: Trial,
  { machines }: ModeShop,
  headOf: (profile: Machine['profile']) => Head | null,
): Head | null {
  const machine = machines.find(({ id }) => id === machineId);
  return machine === undefined ? null : headOf(machine.profile);
}

const clean: ModeRules<'clean'> = {
  suggest(work, shop) {
    const head = cleanHeadOf(shop.machine.profile);
    return head === null
      ? null
      : recordedCleaning(suggestClean(cleanJobOf(work, head), learnedCoat(work, shop)));
  },
  odds(work, setting, shop) {
    const head = cleanHeadOf(shop.machine.profile);
    if (head === null) return null;
    return stripOdds(learnedCoat(work, shop), cleanJobOf(work, head), cleanSettingOf(setting));
  },
  learned: learnedCoat,
  restsOn: stripsOf,
};

const learnedCut = (work: WorkOf<'cut'>, shop: ModeShop): ThresholdBelief =>
  beliefs.of(shop, `cut ${familyOf(work.metal)}`, () => learnCutOf(work, shop));

function learnCutOf(work: WorkOf<'cut'>, shop: ModeShop): ThresholdBelief {
  const pieces = counted('cut', shop).flatMap((piece) => {
    const machine = shop.machines.find(({ id }) => id === piece.machineId);
    const head = machine === undefined ? null : cutHeadOf(machine.profile);
    if (machine === undefined || head === null) return [];
    const isElsewhere = machine.id !== shop.machine.id || familyOf(piece.work.metal) !== familyOf(work.metal);
    const job = cutJobOf(piece.work, head, machine.profile);
    return [{ job, setting: cutSettingOf(piece.setting), look: piece.look, isElsewhere }];
  });
  return learnCut(pieces);
}

const cut: ModeRules<'cut'> = {
  suggest(work, shop) {
    const { profile } = shop.machine;
    const head = cutHeadOf(profile);
    return head === null
      ? null
      : recordedCut(suggestCut(cutJobOf(work, head, profile), learnedCut(work, shop)));
  },
  odds(work, setting, shop) {
    const { profile } = shop.machine;
    const head = cutHeadOf(profile);
    return head === null
      ? null
      : pieceOdds(learnedCut(work, shop), cutJobOf(work, head, profile), cutSettingOf(setting));
  },
  learned: learnedCut,
  restsOn: (_, shop) => counted('cut', shop),
};

type PulsedMode = 'spot' | 'seam';

type PulsedTrial = Trial & {
  work: WorkOf<PulsedMode>;
  setting: SettingOf<PulsedMode>;
  look: LookOf<PulsedMode>;
};

/** Pulsed welds of this machine: another's table and optics are not its own. */
function pulsedCoupons({ machine, trials }: ModeShop): readonly PulsedTrial[] {
  return trials.filter(
    (trial): trial is PulsedTrial =>
      (trial.work.mode === 'spot' || trial.work.mode === 'seam') &&
      trial.withdrawnAt === null &&
      trial.machineId === machine.id,
  );
}

function learnedPulses(work: WorkOf<PulsedMode>, shop: ModeShop): ThresholdBelief | null {
  const head = lampHeadOf(shop.machine.profile);
  const table = head === null ? null : fitLampEnergy(head.points);
  if (head === null || table === null) return null;
  const family = familyOf(work.metal);
  return beliefs.of(shop, `pulses ${family}`, () =>
    learnLamp(
      table,
      pulsedCoupons(shop).map((coupon) => ({
        job: lampJobOf(coupon.work, head),
        setting: lampSettingOf(coupon.setting),
        look: coupon.look,
        isElsewhere: familyOf(coupon.work.metal) !== family,
      })),
    ),
  );
}

function pulseRules<Mode extends PulsedMode>(): ModeRules<Mode> {
  return {
    suggest(work, shop) {
      const head = lampHeadOf(shop.machine.profile);
      const table = head === null ? null : fitLampEnergy(head.points);
      const belief = learnedPulses(work, shop);
      if (head === null || table === null || belief === null) return null;
      const found = suggestPulses(lampJobOf(work, head), belief, table);
      return found === null ? null : (recordedPulses(found) as SettingOf<Mode>);
    },
    odds(work, setting, shop) {
      const head = lampHeadOf(shop.machine.profile);
      const table = head === null ? null : fitLampEnergy(head.points);
      const belief = learnedPulses(work, shop);
      if (head === null || table === null || belief === null) return null;
      const job = lampJobOf(work, head);
      return pulseOdds(belief, table, job, pulsedWeld(job, lampSettingOf(setting), table));
    },
    learned: learnedPulses,
    restsOn: (_, shop) => pulsedCoupons(shop),
  };
}

/** What is known of each mode. */
export const modeRules: { readonly [Mode in HandMode]: ModeRules<Mode> } = {
  clean,
  cut,
  spot: pulseRules<'spot'>(),
  seam: pulseRules<'seam'>(),
};
