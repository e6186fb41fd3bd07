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
export {
  changeStep,
  createWorkOrder,
  type Finish,
  finishWorkOrder,
  putAwayWorkOrder,
  type StepChange,
  takeUpWorkOrder,
  undoFinish,
} from './workOrders'
