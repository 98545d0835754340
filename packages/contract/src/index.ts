/** Everything that crosses the wire or a file: schemas, the types that come from them, and the way to the core. */
export { jointSchema, wireDiametersMm, type Joint } from './joint.js';
export { settingSchema, type Setting } from './setting.js';
export {
  machineSchema,
  machineProfileSchema,
  machineRevisionDraftSchema,
  machineRevisionSchema,
  machineFileSchema,
  machineId,
  revisionNumber,
  panelKnobs,
  wireSpeedUnits,
  faceKinds,
  machineModes,
  nothingKnown,
  withoutGaps,
  type FaceKind,
  type MachineMode,
  type PanelFace,
  type Machine,
  type MachineFile,
  type MachineProfile,
  type MachineRevision,
  type MachineRevisionDraft,
  type PanelKnob,
} from './machine.js';
export { startingProfiles, type StartingProfile } from './startingProfiles.js';
export {
  changeSchema,
  firstLeadSchema,
  ownPinSchema,
  personDraftSchema,
  personId,
  personSchema,
  pin,
  pinResetSchema,
  pinRule,
  roleChangeSchema,
  roles,
  samplePin,
  sessionSchema,
  signInSchema,
  type Change,
  type FirstLead,
  type OwnPin,
  type Person,
  type PersonDraft,
  type PinReset,
  type Role,
  type RoleChange,
  type Session,
  type SignIn,
} from './person.js';
export {
  couponDraftSchema,
  couponSchema,
  couponPageSchema,
  couponQuerySchema,
  backLooks,
  realTravelMmS,
  type BackLook,
  type Coupon,
  type CouponDraft,
  type CouponPage,
  type CouponQuery,
} from './coupon.js';
export {
  protectiveWindowSchema,
  windowChangeSchema,
  windowReasons,
  type ProtectiveWindow,
  type WindowChange,
  type WindowReason,
} from './protectiveWindow.js';
export {
  dayEntryDraftSchema,
  readingRanges,
  dayEntrySchema,
  daySchema,
  sequenceDraftSchema,
  sequenceSchema,
  stepReadingSchema,
  stepReadings,
  stepWeights,
  type Day,
  type DayEntry,
  type DayEntryDraft,
  type Sequence,
  type SequenceDraft,
  type Step,
  type StepReading,
  type StepWeight,
} from './readiness.js';
export { dayProgress, entryRefusal, type DayProgress, type StepStanding } from './dayProgress.js';
export { readingVerdict, type ReadingContext } from './readingVerdict.js';
export { usualSequence } from './usualSequence.js';
export {
  bottleChangedAtBar,
  bottleDraftSchema,
  bottleRanges,
  bottleSchema,
  feedOf,
  type Bottle,
  type BottleDraft,
} from './supply.js';
export {
  recordDetailSchema,
  shopRecordDraftSchema,
  shopRecordSchema,
  testLineLooks,
  type RecordDetail,
  type RecordKind,
  type ShopRecord,
  type ShopRecordDraft,
  type TestLineLook,
} from './shopRecord.js';
export {
  eyewearConditions,
  eyewearDraftSchema,
  eyewearKinds,
  eyewearSchema,
  type Eyewear,
  type EyewearCondition,
  type EyewearDraft,
} from './safetyGear.js';
export {
  clearanceDraftSchema,
  clearanceFor,
  clearanceSchema,
  type Clearance,
  type ClearanceDraft,
} from './clearance.js';
export { clientId } from './bounded.js';
export {
  fieldProblems,
  fieldProblemSchema,
  problemSchema,
  type FieldProblem,
  type Problem,
} from './problem.js';
export { coreJob, coreJoint, coreMachine, coreSetting, recordedSetting } from './toCore.js';
export { beyondMachine } from './settingOnMachine.js';
