export { practiceQuestions, type PracticeQuestion, type School } from './practiceQuestions.js';
export {
  practiceSchools,
  usualPractice,
  type Practice,
  type PracticeTopic,
  type SchoolOf,
} from './practiceSchools.js';
