import type { FaceSign, WeldingSign } from '@lone-heron/core';
import { SignPicture } from './SignPicture.js';

interface SignChoicesProps<Sign extends FaceSign | WeldingSign> {
  legend: string;
  signs: readonly Sign[];
  words: Readonly<Record<Sign, string>>;
  picked: readonly string[];
  onPick: (picked: string[]) => void;
}

/** Signs of which any number may be so, each a picture as large as a glove. */
export function SignChoices<Sign extends FaceSign | WeldingSign>({
  legend,
  signs,
  words,
  picked,
  onPick,
}: SignChoicesProps<Sign>) {
  return (
    <fieldset>
      <legend className="mb-1 font-medium">{legend}</legend>
      <div className="grid grid-cols-2 gap-1.5 sm:grid-cols-3">
        {signs.map((sign) => {
          const isPicked = picked.includes(sign);
          return (
            <label
              key={sign}
              className={`flex min-h-12 cursor-pointer items-center gap-2 rounded-box border px-2 py-1 leading-tight has-focus-visible:outline-3 has-focus-visible:outline-primary ${
                isPicked
                  ? 'border-primary bg-base-200 font-semibold outline-1 outline-primary'
                  : 'border-base-300'
              }`}
            >
              <input
                type="checkbox"
                className="sr-only"
                checked={isPicked}
                onChange={() => onPick(isPicked ? picked.filter((each) => each !== sign) : [...picked, sign])}
              />
              <SignPicture sign={sign} />
              <span className="text-sm">{words[sign]}</span>
            </label>
          );
        })}
      </div>
    </fieldset>
  );
}
