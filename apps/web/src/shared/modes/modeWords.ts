import type { HandMode, LookOf, ModeLook } from '@lone-heron/contract';

/** How a mode is spoken of. */
interface ModeSpeech {
  /** The first word of its sentence. */
  readonly verb: string;
  /** What a trial of it is called. */
  readonly trial: string;
  readonly trials: string;
  /** Shown over a list of it. */
  readonly name: string;
}

export const modeSpeech: Readonly<Record<HandMode, ModeSpeech>> = {
  clean: { verb: 'Clean', trial: 'strip', trials: 'strips', name: 'Cleaning' },
  cut: { verb: 'Cut', trial: 'piece', trials: 'pieces', name: 'Cutting' },
  spot: { verb: 'Spot', trial: 'spot', trials: 'spots', name: 'Lamp spots' },
  seam: { verb: 'Seam', trial: 'seam', trials: 'seams', name: 'Lamp seams' },
};

/** What a look is called, what it shows, and how it stands to what is wanted. */
export interface LookSpeech {
  readonly short: string;
  readonly long: string;
  /** A colour of the drawings: too little, nearly, as wanted, too much, ruined. */
  readonly tone: 'cold' | 'part' | 'full' | 'hot' | 'hole';
}
type LooksOf<Mode extends HandMode> = Readonly<Record<LookOf<Mode>, LookSpeech>>;

const clean: LooksOf<'clean'> = {
  untouched: { short: 'untouched', long: 'the coat is as it was', tone: 'cold' },
  patchy: { short: 'patchy', long: 'coat is left in places', tone: 'part' },
  bare: { short: 'bare', long: 'bare metal, no marks', tone: 'full' },
  marked: { short: 'bare but marked', long: 'rows or dents in the metal', tone: 'hot' },
};
const cut: LooksOf<'cut'> = {
  through: { short: 'through, clean', long: 'falls apart, edge clean', tone: 'full' },
  beard: { short: 'through, a beard', long: 'dross hangs below the edge', tone: 'part' },
  weldedShut: { short: 'welded shut', long: 'melted through and closed again', tone: 'cold' },
  sparksUp: { short: 'sparks up', long: 'not through: sparks came back up', tone: 'hole' },
};
const pulses: LooksOf<'spot'> = {
  loose: { short: 'loose', long: 'comes off, or opens when bent', tone: 'cold' },
  joined: { short: 'joined', long: 'holds, nothing shows behind', tone: 'full' },
  through: { short: 'through', long: 'holds and shows behind', tone: 'hot' },
  blown: { short: 'blown', long: 'spat or blew a hole', tone: 'hole' },
};

const looks: { readonly [Mode in HandMode]: LooksOf<Mode> } = { clean, cut, spot: pulses, seam: pulses };

/** The words of a look. */
export function lookSpeech(mode: HandMode, look: ModeLook): LookSpeech {
  return (looks[mode] as Readonly<Record<ModeLook, LookSpeech>>)[look];
}
