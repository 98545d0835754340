import { practiceQuestions, usualPractice, type PracticeQuestion } from './index.js';

describe('what practitioners disagree on', () => {
  it.each(Object.entries(practiceQuestions as Record<string, PracticeQuestion>))(
    '%s has two schools or more, each with what it rests on, and a start',
    (topic, { question, schools }) => {
      expect(question).toMatch(/\?$/);
      expect(Object.keys(schools).length).toBeGreaterThanOrEqual(2);
      for (const { name, restsOn } of Object.values(schools)) {
        expect(name).not.toBe('');
        expect(restsOn).not.toBe('');
      }
      expect(Object.keys(schools)).toContain(usualPractice[topic as keyof typeof usualPractice]);
    },
  );

  it('says so where a claim does not agree with its own figures, and where a habit hurts people', () => {
    expect(practiceQuestions.gunAngle.doubt).toContain('contradicts its own figures');
    expect(practiceQuestions.smallParts.doubt).toContain('hurt');
    expect(usualPractice.smallParts).toBe('fixture');
    expect(practiceQuestions.modulation.doubt).toContain('coupons decide');
  });
});
