export { practiceQuestions, type PracticeQuestion } from './practiceQuestions.js';
export { practiceSchools, usualPractice, type Practice, type PracticeTopic } from './practiceSchools.js';
