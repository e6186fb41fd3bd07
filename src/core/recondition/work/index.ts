export { scheduleWork } from './scheduleWork'
export { type StepDay, stepDays } from './stepDays'
export type {
  CautionId,
  ScheduleOptions,
  StepAmount,
  StepKind,
  StepNote,
  ToolId,
  WaitReason,
  WorkStep,
} from './workTypes'
