export { generatedCards, generatedContents } from './generatedCards.js';
export { buttOf, cardOf, machineOf } from './sampleCards.js';
export { jobDraft, jobWeld, weldRunDraft } from './sampleJobs.js';
