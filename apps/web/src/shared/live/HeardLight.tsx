import type { HeardLight as Heard, MachineSpell } from '@lone-heron/contract';
import { Radio } from 'lucide-react';
import { useEffect, useRef } from 'react';
import { shopNow } from '../clock/shopClock.js';
import { figure } from '../figures/figures.js';
import { secondsSince, spellWords } from './heardInWords.js';
import { useSpellsQuery } from './liveApi.js';
import { isOtherPower } from './isOtherPower.js';
import { freeSpells, takeSpells } from './takeSpells.js';
import { useLiveMachine } from './useLiveMachine.js';

interface HeardLightProps {
  readonly machineId: string;
  /** What is taken; null for nothing. */
  readonly heard: Heard | null;
  /** Mean of what the record says was dialled, W; null where it is not known. */
  readonly dialledW: number | null;
  /** ms by the shop’s clock: spells that began before are another weld’s. */
  readonly since?: number;
  /** Whether the newest spell is taken by itself: nobody has said anything of the light yet. */
  readonly isOpen: boolean;
  readonly onHear: (heard: Heard | null) => void;
}

/** s. A spell that ended longer ago is not taken by itself: it may have been another weld. */
const justWelded = 600;
/** So many of the newest are offered. */
const mostOffered = 3;

/** Light-on time in the machine’s own word: its newest spells, the last one taken by itself. Nothing where it is not listened to. */
export function HeardLight(props: HeardLightProps) {
  const live = useLiveMachine(props.machineId);
  return live === undefined ? null : (
    <Offered {...props} lastId={live.last?.id ?? ''} isLit={live.lit !== null} />
  );
}

function Offered({
  machineId,
  heard,
  dialledW,
  since = 0,
  isOpen,
  onHear,
  lastId,
  isLit,
}: HeardLightProps & { lastId: string; isLit: boolean }) {
  const { data = [], refetch } = useSpellsQuery(machineId);
  useEffect(() => {
    // A spell has ended since: the list is older than it.
    if (lastId !== '' && data.every(({ id }) => id !== lastId)) void refetch();
  }, [lastId, data, refetch]);
  const now = shopNow();
  const taken = new Set(heard?.spellIds);
  const offered = freeSpells(data)
    .filter(({ startedAt }) => Date.parse(startedAt) >= since)
    .filter(({ id }, at) => at < mostOffered || taken.has(id));
  useTakenByItself({ offered, isOpen: isOpen && heard === null, now, onHear });
  const turn = (spell: MachineSpell) => {
    const next = offered.filter(({ id }) => (id === spell.id ? !taken.has(id) : taken.has(id)));
    onHear(next.length === 0 ? null : takeSpells(next.toReversed()));
  };
  if (isLit && heard === null)
    return <p className="text-soft">The light is on: it is timed by the machine until it goes off.</p>;
  if (offered.length === 0) return null;
  return (
    <fieldset className="flex flex-col gap-1.5" aria-live="polite">
      <legend className="mb-1 flex items-center gap-2 text-sm font-medium">
        <Radio className="size-4" aria-hidden="true" /> Heard from the machine
      </legend>
      {offered.map((spell) => (
        <button
          key={spell.id}
          type="button"
          className={`btn touch-always h-auto justify-start py-2 text-left font-normal ${taken.has(spell.id) ? 'btn-primary' : ''}`}
          aria-pressed={taken.has(spell.id)}
          onClick={() => turn(spell)}
        >
          {spellWords(spell, now)}
        </button>
      ))}
      {taken.size > 1 && heard !== null && (
        <p className="text-sm text-soft">Together {figure(heard.litS, 1)} s.</p>
      )}
      {heard !== null && dialledW !== null && <OtherPower heard={heard} dialledW={dialledW} />}
    </fieldset>
  );
}

/** Takes the newest spell once, where it ended moments ago, nobody has said anything of the light, and its end is known. */
function useTakenByItself({
  offered,
  isOpen,
  now,
  onHear,
}: {
  offered: readonly MachineSpell[];
  isOpen: boolean;
  now: Date;
  onHear: (heard: Heard | null) => void;
}): void {
  const seen = useRef<string | null>(null);
  const [newest] = offered;
  useEffect(() => {
    if (newest === undefined || newest.id === seen.current) return;
    seen.current = newest.id;
    const isFresh = secondsSince(newest.endedAt, now) < justWelded;
    if (isOpen && isFresh && !newest.figures.isBroken) onHear(takeSpells([newest]));
  }, [newest, isOpen, now, onHear]);
}

/** A program that holds another number than its paper costs days: it is told before it is written down. */
function OtherPower({ heard: { powerW }, dialledW }: { heard: Heard; dialledW: number }) {
  if (powerW === null || !isOtherPower(powerW, dialledW)) return null;
  return (
    <p role="status" className="caution px-3 py-1">
      The machine gave {figure(powerW, 0)} W, and {figure(dialledW, 0)} W is written here. Look at its panel:
      if another number was dialled, write that one down.
    </p>
  );
}
