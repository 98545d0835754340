import { practiceQuestions, type KnobAnswer } from '@lone-heron/core';

interface ModulationSchoolsProps {
  isFullDuty: boolean;
  /** What a ladder of it says; null while there is none. */
  answer: KnobAnswer | null;
}

/** What the schools say of the modulation, what each rests on, and what the shop's own coupons now support. */
export function ModulationSchools({ isFullDuty, answer }: ModulationSchoolsProps) {
  const { question, schools, doubt } = practiceQuestions.modulation;
  return (
    <section className="rounded-box border border-base-300 bg-base-100 px-4 py-3" aria-label="The schools">
      <p className="font-medium">{question}</p>
      <ul className="list-disc pl-5">
        {Object.values(schools).map(({ name, restsOn }) => (
          <li key={name}>
            {name}, <span className="text-soft">which rests on: {restsOn}</span>
          </li>
        ))}
      </ul>
      <p className="mt-1">{answer === null ? doubt : supportedInWords(answer)}</p>
      {isFullDuty && (
        <p className="caution mt-2 p-2">
          This setting is at full duty, where the light is not switched: start from one below full duty.
        </p>
      )}
    </section>
  );
}

function supportedInWords({ verdict, change }: KnobAnswer): string {
  const { schools } = practiceQuestions.modulation;
  if (verdict === 'open') return 'Your coupons on this ladder do not decide between them yet.';
  if (verdict === 'none')
    return 'Your coupons speak for neither: over this range it makes no difference here.';
  const { name } = change > 0 ? schools.higherDeeper : schools.lowerDeeper;
  return `Your coupons on this machine and joint now speak for: ${name}.`;
}
