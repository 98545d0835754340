import { practiceQuestions, practiceSchools, type PracticeTopic } from '@lone-heron/core';
import { Failure } from '../../shared/form/Failure.js';
import { Loading } from '../../shared/page/Loading.js';
import { useWorkshopsQuery } from '../../shared/workshops/workshopsApi.js';
import { ShopPage } from '../ShopPage.js';
import { AskLead } from './AskLead.js';
import { LossesPart } from './LossesPart.js';
import { OwnSheetNote } from './OwnSheetNote.js';
import { useHouseSheet, type WrittenSheet } from './useHouseSheet.js';

const topics = Object.keys(practiceSchools) as PracticeTopic[];

/** Topics whose answer changes what Dial computes or offers; the others are kept for those who ask. */
const heard: readonly PracticeTopic[] = [
  'wobbleShape',
  'wobbleRate',
  'wobbleWidth',
  'pace',
  'reflective',
  'focus',
  'gasOnMildSteel',
  'gasOnStainless',
  'flow',
  'softAluminiumFiller',
  'tacks',
  'smallParts',
  'nozzle',
  'gunAngle',
  'startFrom',
  'enough',
  'gap',
  'corners',
  'otherWorkshops',
];

/** What practitioners disagree on: the shop's own school for each, with what every school rests on. */
export function PracticeScreen() {
  const sheet = useHouseSheet('practice');
  const { data: workshops = [] } = useWorkshopsQuery(undefined);
  const asked = workshops.length > 0 ? topics : topics.filter((topic) => topic !== 'otherWorkshops');
  if (sheet === null) return <Loading what="the practice" />;
  return (
    <ShopPage title="Practice">
      <p className="max-w-3xl text-soft">
        Where practitioners disagree, the shop keeps to a school of its own. Dial goes by it; the shop’s
        coupons argue with it.
      </p>
      <OwnSheetNote sheet={sheet} />
      {!sheet.mayChange && <AskLead what="the practice" />}
      <Failure error={sheet.error} />
      <div className="grid items-start gap-3 lg:grid-cols-2">
        {asked.map((topic) => (
          <Question key={topic} topic={topic} sheet={sheet} />
        ))}
      </div>
      <LossesPart />
    </ShopPage>
  );
}

function Question({ topic, sheet }: { topic: PracticeTopic; sheet: WrittenSheet<'practice'> }) {
  const question = practiceQuestions[topic];
  const schools = question.schools as Readonly<Record<string, { name: string; restsOn: string }>>;
  const doubt = 'doubt' in question ? question.doubt : null;
  const pick = (school: string) => {
    const content = { ...sheet.content, [topic]: school };
    void sheet.save(content, `${question.question} ${schools[school]?.name ?? school}.`);
  };
  return (
    <fieldset className="sheet p-4" disabled={!sheet.mayChange || sheet.isSaving}>
      <legend className="float-left mb-1 w-full text-lg font-semibold">{question.question}</legend>
      <div className="clear-both flex flex-col">
        {Object.entries(schools).map(([school, { name, restsOn }]) => (
          <label key={school} className="touch-always flex cursor-pointer items-center gap-3">
            <input
              type="radio"
              className="radio"
              name={topic}
              checked={sheet.content[topic] === school}
              onChange={() => pick(school)}
            />
            <span className="leading-snug">
              <span className="font-medium">{name}</span>
              <span className="block text-sm text-soft">{restsOn}</span>
            </span>
          </label>
        ))}
      </div>
      {doubt !== null && <p className="mt-2 border-t border-base-300 pt-2 text-sm leading-snug">{doubt}</p>}
      {!heard.includes(topic) && (
        <p className="mt-1 text-sm text-soft">Kept on record; it does not change what is computed.</p>
      )}
    </fieldset>
  );
}
