import { common } from './common'
import { media } from './media'
import { recondition } from './recondition'
import { why } from './why'

/** Every text a person sees, in one place. Another language is another object of this shape. */
export const texts = { common, media, recondition, why } as const
