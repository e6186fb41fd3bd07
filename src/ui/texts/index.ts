import { bench } from './bench'
import { common } from './common'
import { drawnScreens } from './drawnScreens'
import { media } from './media'
import { mixes } from './mixes'
import { recondition } from './recondition'
import { styleguide } from './styleguide'
import { why } from './why'
import * as workshop from './workshop'

/** Every text a person sees, in one place. Another language is another object of this shape. */
export const texts = {
  bench,
  common,
  drawnScreens,
  media,
  mixes,
  recondition,
  styleguide,
  why,
  ...workshop,
} as const
