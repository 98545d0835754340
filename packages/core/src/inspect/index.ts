export { etchants, etchantsFor, etchantFacts, type Etchant } from './etchants.js';
export {
  acceptanceCriteria,
  judgeAcceptance,
  type AcceptanceCriterion,
  type AcceptanceLevel,
  type CriterionVerdict,
  type InspectionFound,
} from './acceptance.js';
export { pressureFinding, type PressureHold } from './pressureFinding.js';
