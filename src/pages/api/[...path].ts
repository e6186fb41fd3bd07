import { answerApi } from '../../server/routes'

export const ALL = answerApi
