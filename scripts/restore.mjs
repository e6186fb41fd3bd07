// `npm run restore`: lists the copies of a garden; with the name of one, puts it back.
import path from 'node:path'
import { pathToFileURL } from 'node:url'
import { dist, ensureBuilt, ensureInstalled, ensureNode, root } from './setup.mjs'

ensureNode()
ensureInstalled('to run')
ensureBuilt()
await import(pathToFileURL(path.join(root, dist, 'restore.mjs')).href)
