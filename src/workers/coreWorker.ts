import { expose } from 'comlink'
import { runJob } from './jobs'

expose(runJob)
