// `npm run share`: Innings for your own network, with a passphrase; tells how to do it safely.
import path from 'node:path'
import { pathToFileURL } from 'node:url'
import { dist, ensureBuilt, ensureInstalled, ensureNode, root } from './setup.mjs'

ensureNode()
ensureInstalled('to run')
ensureBuilt()
await import(pathToFileURL(path.join(root, dist, 'share.mjs')).href)
