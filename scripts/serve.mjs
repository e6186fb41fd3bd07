// Hands over to the built server in this very process, so that signals reach it directly.
import path from 'node:path'
import { pathToFileURL } from 'node:url'
import { dist, ensureBuilt, ensureInstalled, ensureNode, root } from './setup.mjs'

export async function serve() {
  ensureNode()
  ensureInstalled('to run')
  ensureBuilt()
  await import(pathToFileURL(path.join(root, dist, 'main.mjs')).href)
}
