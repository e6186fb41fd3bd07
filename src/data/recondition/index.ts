export { type Finish, finishWorkOrder } from './finishWorkOrder'
export {
  lastHabit,
  listWorkOrders,
  type OrderRow,
  readOpenOrder,
  readOpenOrders,
  readWorkOrder,
  type WorkOrder,
  type WorkOrderStep,
} from './readWorkOrders'
export { workOrderSteps, workOrders } from './tables'
export { undoFinish } from './undoFinish'
export {
  changeStep,
  createWorkOrder,
  putAwayWorkOrder,
  type StepChange,
  takeUpWorkOrder,
} from './workOrders'
