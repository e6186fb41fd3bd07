// `npm start`: Innings on your own data.
import { serve } from './serve.mjs'

await serve()
