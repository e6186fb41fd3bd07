import Joi from 'joi'
import { day, id, key, line, lines, version } from '../rules'

export interface TrialParams {
  readonly id: number
}

export const trialParamsSchema = Joi.object<TrialParams>({
  id: id('The number of the trial').required(),
})

/** Two pots change places, or all are drawn anew. */
export interface LayoutBody {
  readonly version: number
  readonly swap: readonly [number, number] | null
}

export const layoutSchema = Joi.object<LayoutBody>({
  version: version(),
  swap: Joi.array()
    .items(id('The pot of the trial'))
    .min(2)
    .max(2)
    .unique()
    .allow(null)
    .required()
    .label('The two pots')
    .messages({ 'array.unique': 'Choose two different pots' }),
})

export interface SetPotsBody {
  readonly version: number
}

export const setPotsSchema = Joi.object<SetPotsBody>({ version: version() })

export interface PlantTrialBody {
  readonly version: number
  readonly on: string
  /** Why all the same, where something found speaks against it. */
  readonly despite: string
}

export const plantTrialSchema = Joi.object<PlantTrialBody>({
  version: version(),
  on: day('The day').required(),
  despite: line('Why all the same', 200).allow('').default(''),
})

export interface TrialStepBody {
  readonly step: string
  readonly done: boolean
}

export const trialStepSchema = Joi.object<TrialStepBody>({
  step: key('The step').required(),
  done: Joi.boolean().required().label('Done'),
})

export interface LessonsBody {
  readonly version: number
  readonly lessons: string
}

export const lessonsSchema = Joi.object<LessonsBody>({
  version: version(),
  lessons: lines('The lessons', 1000).allow('').required(),
})
