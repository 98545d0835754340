import {
  backLooks,
  handSlips,
  type BackLook,
  type HeardLight as Heard,
  type SeenAt,
  type Setting,
  meanPowerW,
} from '@lone-heron/contract';
import { faceSigns, seamColours, weldingSigns, type SeamColour } from '@lone-heron/core';
import { TypedField } from '../../form/TypedField.js';
import { OutcomeMark } from '../OutcomeMark.js';
import { PictureChoice } from '../../form/PictureChoice.js';
import { HeardLight } from '../../live/HeardLight.js';
import { figure } from '../../figures/figures.js';
import { shopUnits } from '../../figures/shopUnits.js';
import { spokenTravel } from '../../figures/spoken.js';
import { lookQuestions, outcomeOfLook, wordsOfLooks } from '../../vocabulary/looks.js';
import { colourWords, faceWords, slipWords, weldingWords } from '../../vocabulary/signs.js';
import { AlongTheRun } from './AlongTheRun.js';
import type { TypedCoupon } from './TypedCoupon.js';
import { readGunAngle, readLightOn, readRunLength } from './readTypedLog.js';
import { SignChoices } from './SignChoices.js';
import { Stopwatch } from './Stopwatch.js';
import { ToesPicture } from './ToesPicture.js';

interface CouponFieldsProps {
  entry: TypedCoupon;
  machineId: string;
  setting: Setting;
  /** Whether it was welded just now: what the machine says of its light is taken by itself then. */
  isJustWelded: boolean;
  /** What is looked at: the back, or toes and far side of a joint that has none. */
  lookedAt: SeenAt;
  onType: (change: Partial<TypedCoupon>) => void;
}

/** What a coupon is told by: what is looked at, time and length first; all else is there for who wants it. */
export function CouponFields({
  entry,
  machineId,
  setting,
  isJustWelded,
  lookedAt,
  onType,
}: CouponFieldsProps) {
  return (
    <>
      <LookChoice picked={entry.back} lookedAt={lookedAt} onPick={(back) => onType({ back })} />
      <Figures entry={entry} onType={onType} />
      <HeardLight
        machineId={machineId}
        heard={entry.heard}
        dialledW={meanPowerW(setting)}
        isOpen={isJustWelded && entry.lightOn.trim() === '' && entry.watchStartedAt === null}
        onHear={(heard) => onType(heardChange(entry, heard))}
      />
      <SlipChoice entry={entry} onType={onType} />
      <label className="flex flex-col gap-1">
        <span className="font-medium">Remark</span>
        <textarea
          className="textarea w-full text-base"
          rows={2}
          maxLength={1000}
          value={entry.remark}
          onChange={(event) => onType({ remark: event.target.value })}
        />
      </label>
      <MoreSeen entry={entry} lookedAt={lookedAt} onType={onType} />
    </>
  );
}

type Typed = Pick<CouponFieldsProps, 'entry' | 'onType'>;

/** The machine’s seconds stand in the field; what somebody typed over them stays when they are let go. */
function heardChange(entry: TypedCoupon, heard: Heard | null): Partial<TypedCoupon> {
  const isTheirs =
    entry.heard === null ? entry.lightOn.trim() !== '' : entry.lightOn !== String(entry.heard.litS);
  return isTheirs ? { heard } : { heard, lightOn: heard === null ? '' : String(heard.litS) };
}

interface LookChoiceProps {
  picked: BackLook | null;
  lookedAt: SeenAt;
  onPick: (back: BackLook) => void;
}

function LookChoice({ picked, lookedAt, onPick }: LookChoiceProps) {
  const words = wordsOfLooks(lookedAt);
  return (
    <fieldset>
      <legend className="mb-1 font-medium">{lookQuestions[lookedAt]}</legend>
      <div className="grid grid-cols-3 gap-2 sm:grid-cols-5">
        {backLooks.map((look, index) => (
          <PictureChoice
            key={look}
            name="back"
            value={look}
            checked={picked === look}
            onChange={() => onPick(look)}
            picture={
              lookedAt === 'toes' ? (
                <ToesPicture look={look} />
              ) : (
                <OutcomeMark outcome={outcomeOfLook[look]} className="size-9" />
              )
            }
            short={
              <>
                <kbd className="kbd mr-1 text-base-content kbd-xs">{index + 1}</kbd>
                {words[look].short}
              </>
            }
            long={words[look].long}
            isPicked={picked === look}
            isStart={index === 0}
          />
        ))}
      </div>
    </fieldset>
  );
}

/** How long and how far, and the travel that follows from both. */
function Figures({ entry, onType }: Typed) {
  const lightOn = readLightOn(entry.lightOn);
  const runLength = readRunLength(entry.runLength);
  const seconds = 'value' in lightOn ? lightOn.value : null;
  const length = 'value' in runLength ? runLength.value : null;
  return (
    <div className="grid grid-cols-2 items-start gap-x-4 gap-y-2 sm:grid-cols-4">
      <TypedField
        label="Light on if known"
        unit="s"
        text={entry.lightOn}
        read={lightOn}
        onType={(text) => onType({ lightOn: text })}
      />
      <div className="flex flex-col gap-1">
        <span className="text-sm font-medium" aria-hidden="true">
          Stopwatch
        </span>
        <Stopwatch
          startedAt={entry.watchStartedAt}
          onStart={(at) => onType({ watchStartedAt: at })}
          onStop={(ran) => onType({ watchStartedAt: null, lightOn: String(ran) })}
        />
      </div>
      <TypedField
        label="Length of run if known"
        unit={shopUnits().length}
        text={entry.runLength}
        read={runLength}
        onType={(text) => onType({ runLength: text })}
      />
      <p className="flex flex-col gap-1" aria-live="polite">
        <span className="text-sm font-medium">Real travel</span>
        <span className="figure flex min-h-12 items-center text-lg">
          {seconds !== null && length !== null ? (
            spokenTravel(length / seconds)
          ) : (
            <span className="font-sans text-base text-soft">from both</span>
          )}
        </span>
      </p>
      {seconds !== null && length !== null && <OddTravel mmS={length / seconds} />}
      {seconds !== null && entry.heard !== null && <OtherThanHeard typed={seconds} heard={entry.heard} />}
    </div>
  );
}

/** Hands weld within these, mm/s; figures far outside are a unit's slip more often than a hand's. */
const hands = { least: 1.5, most: 120 } as const;

function OddTravel({ mmS }: { mmS: number }) {
  if (mmS >= hands.least && mmS <= hands.most) return null;
  return (
    <p role="status" className="col-span-full caution px-3 py-1">
      {spokenTravel(mmS)} is no pace of a hand, which welds at {spokenTravel(hands.least)} to{' '}
      {spokenTravel(hands.most)}: inches for mm, minutes for seconds? Write the unit behind the figure.
    </p>
  );
}

/** s, and share: a stopwatch and a machine agree to this. */
const agree = { seconds: 1, share: 0.1 };

function OtherThanHeard({ typed, heard }: { typed: number; heard: Heard }) {
  const apart = Math.abs(typed - heard.litS);
  if (apart <= Math.max(agree.seconds, agree.share * heard.litS)) return null;
  return (
    <p role="status" className="col-span-full caution px-3 py-1">
      {figure(typed, 1)} s is written, and the machine heard {figure(heard.litS, 1)} s. What is written
      counts: let go of what is not this weld.
    </p>
  );
}

/** A slip of the hand is no evidence about a setting. */
function SlipChoice({ entry, onType }: Typed) {
  return (
    <fieldset>
      <legend className="mb-1 font-medium">
        Did the hand slip? <span className="font-normal text-soft">Then it says nothing of the setting.</span>
      </legend>
      <div className="flex flex-wrap gap-1.5">
        {handSlips.map((slip) => {
          const isPicked = entry.slip === slip;
          return (
            <button
              key={slip}
              type="button"
              className={`btn touch ${isPicked ? 'btn-primary' : ''}`}
              aria-pressed={isPicked}
              onClick={() => onType({ slip: isPicked ? null : slip })}
            >
              {slipWords[slip]}
            </button>
          );
        })}
      </div>
    </fieldset>
  );
}

/** Open where something of it is told already. */
function MoreSeen({ entry, lookedAt, onType }: Typed & Pick<CouponFieldsProps, 'lookedAt'>) {
  const isTold =
    entry.face.length + entry.welding.length + entry.along.length > 0 ||
    entry.left !== null ||
    entry.gunAngle !== '';
  return (
    <details open={isTold || undefined} className="rounded-box border border-base-300 px-3">
      <summary className="min-h-12 cursor-pointer content-center font-medium">
        More that was seen: face, colour, sound, gun, stretches
      </summary>
      <div className="flex flex-col gap-4 pb-3">
        <SignChoices
          legend="The face"
          signs={faceSigns}
          words={faceWords}
          picked={entry.face}
          onPick={(face) => onType({ face })}
        />
        <div className="grid grid-cols-2 gap-3 sm:grid-cols-3">
          <ColourChoice label="Colour on the left" value={entry.left} onPick={(left) => onType({ left })} />
          <ColourChoice
            label="Colour on the right"
            value={entry.right}
            onPick={(right) => onType({ right })}
          />
          <TypedField
            label="Gun from the sheet"
            unit="°"
            text={entry.gunAngle}
            read={readGunAngle(entry.gunAngle)}
            onType={(gunAngle) => onType({ gunAngle })}
          />
        </div>
        <SignChoices
          legend="While the light was on"
          signs={weldingSigns}
          words={weldingWords}
          picked={entry.welding}
          onPick={(welding) => onType({ welding })}
        />
        <AlongTheRun along={entry.along} lookedAt={lookedAt} onChange={(along) => onType({ along })} />
      </div>
    </details>
  );
}

interface ColourChoiceProps {
  label: string;
  value: SeamColour | null;
  onPick: (colour: SeamColour | null) => void;
}

function ColourChoice({ label, value, onPick }: ColourChoiceProps) {
  return (
    <label className="flex flex-col gap-1">
      <span className="text-sm font-medium">{label}</span>
      <select
        className="select touch-always w-full text-base"
        value={value ?? ''}
        onChange={(event) => onPick((event.target.value || null) as SeamColour | null)}
      >
        <option value="">not looked</option>
        {seamColours.map((colour) => (
          <option key={colour} value={colour}>
            {colourWords[colour]}
          </option>
        ))}
      </select>
    </label>
  );
}
