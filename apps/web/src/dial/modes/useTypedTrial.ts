import { trialRanges, type HandMode, type ModeLook, type TrialDraft } from '@lone-heron/contract';
import { shopNow } from '../../shared/clock/shopClock.js';
import { shopUnits } from '../../shared/figures/shopUnits.js';
import { fieldsFirst } from '../../shared/form/SaveButton.js';
import { forgetTyping } from '../../shared/typing/keptTyping.js';
import { useKept } from '../../shared/typing/useKept.js';
import { readTrialFigure } from './readTrialFigure.js';
import type { TriedWork } from './TriedWork.js';

/** A figure that is typed, with what was read of it. */
interface TypedFigure {
  readonly text: string;
  readonly read: ReturnType<typeof readTrialFigure>;
  readonly onType: (text: string) => void;
}

/** What is typed of a trial, kept until it is logged. */
export interface TypedTrial {
  readonly look: ModeLook | '';
  readonly setLook: (look: ModeLook) => void;
  readonly lightOn: TypedFigure;
  readonly kerf: TypedFigure;
  readonly tint: 'yes' | 'no' | '';
  readonly setTint: (tint: 'yes' | 'no') => void;
  readonly remark: string;
  readonly setRemark: (remark: string) => void;
  readonly photoIds: readonly string[];
  readonly setPhotoIds: (ids: readonly string[]) => void;
  /** What is still wanted, in a sentence; null where nothing is. */
  readonly missing: string | null;
  /** As it can be sent; null while something is missing. */
  readonly draftOf: (tried: {
    readonly answer: TriedWork;
    readonly wasSent: boolean | null;
    readonly ladder: TrialDraft['ladder'];
  }) => TrialDraft | null;
  readonly forget: () => void;
}

/** What is typed of a trial of a mode; a sheet that is closed and opened again has it still. */
export function useTypedTrial(mode: HandMode): TypedTrial {
  const sheet = `trial ${mode}`;
  const [look, setLook] = useKept<ModeLook | ''>(sheet, 'look', () => '');
  const [lightText, setLightText] = useKept(sheet, 'lightOn', () => '');
  const [kerfText, setKerfText] = useKept(sheet, 'kerf', () => '');
  const [tint, setTint] = useKept<'yes' | 'no' | ''>(sheet, 'tint', () => '');
  const [remark, setRemark] = useKept(sheet, 'remark', () => '');
  const [photoIds, setPhotoIds] = useKept<readonly string[]>(sheet, 'photos', () => []);
  const light = readTrialFigure(lightText, trialRanges.lightOn, 'duration', 's');
  const kerf = readTrialFigure(kerfText, trialRanges.kerf, 'length', shopUnits().length);
  const isReadable = 'value' in light && 'value' in kerf;
  return {
    ...{ look, setLook, tint, setTint, remark, setRemark, photoIds, setPhotoIds },
    lightOn: { text: lightText, read: light, onType: setLightText },
    kerf: { text: kerfText, read: kerf, onType: setKerfText },
    missing: look === '' ? 'Pick what you see.' : isReadable ? null : fieldsFirst,
    draftOf: ({ answer: { work, setting, shop, odds }, wasSent, ladder }) => {
      if (look === '' || !('value' in light) || !('value' in kerf)) return null;
      return {
        ...{ machineId: shop.machine.id, work, setting, look, wasSent, ladder, remark },
        isTintLeft: mode === 'clean' && tint !== '' ? tint === 'yes' : null,
        kerfMm: mode === 'cut' ? kerf.value : null,
        lightOnS: light.value,
        stated: odds[look] ?? null,
        photoIds: [...photoIds],
        madeAt: shopNow().toISOString(),
      };
    },
    forget: () => void forgetTyping(sheet),
  };
}
