import { accessOperations } from './access/operations'
import { benchOperations } from './bench/operations'
import { containersOperations } from './containers/operations'
import { findOperations } from './find/operations'
import { healthOperations } from './health/operations'
import { instrumentsOperations } from './instruments/operations'
import { mediaOperations } from './media/operations'
import { mixesOperations } from './mixes/operations'
import { reconditionOperations } from './recondition/operations'
import { siteOperations } from './site/operations'
import { trialsOperations } from './trials/operations'

/** All that can be asked of the program, by method and path. */
export const operations = {
  ...accessOperations,
  ...benchOperations,
  ...containersOperations,
  ...findOperations,
  ...healthOperations,
  ...instrumentsOperations,
  ...mediaOperations,
  ...mixesOperations,
  ...reconditionOperations,
  ...siteOperations,
  ...trialsOperations,
}

export type Operations = typeof operations
export type OperationName = keyof Operations
