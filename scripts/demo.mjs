// `npm run demo`: sets everything up and starts Innings on a made-up garden.
import path from 'node:path'
import { serve } from './serve.mjs'
import { root } from './setup.mjs'

process.env.INNINGS_DEMO = '1'
process.env.INNINGS_DATA ||= path.join(root, '.demo-data')
await serve()
