export { generatedCards, generatedContents } from './generatedCards.js';
export { buttOf, cardOf, machineOf } from './sampleCards.js';
export { jobDraft, jobWeld, weldCheckDraft, weldRunDraft } from './sampleJobs.js';
