// The build that tests and pictures are made from, where it is not there yet.
import './withWorkshop.mjs'
import { ensureBuilt } from './setup.mjs'

ensureBuilt()
