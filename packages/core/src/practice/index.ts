export {
  practiceQuestions,
  usualPractice,
  type Practice,
  type PracticeQuestion,
  type PracticeTopic,
  type School,
  type SchoolOf,
} from './practiceQuestions.js';
