export { type Finish, finishWorkOrder } from './finishWorkOrder'
export { addIntakes, intakesOfPots, type PotIntake } from './intakes'
export {
  lastHabit,
  lastHabits,
  listWorkOrders,
  type OrderRow,
  readOpenOrder,
  readOpenOrders,
  readWorkOrder,
  type WorkOrder,
  type WorkOrderStep,
} from './readWorkOrders'
export { potIntakes, workOrderSteps, workOrders } from './tables'
export { undoFinish } from './undoFinish'
export {
  changeStep,
  createWorkOrder,
  putAwayWorkOrder,
  type StepChange,
  takeUpWorkOrder,
} from './workOrders'
