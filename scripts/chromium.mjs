// Finds Debian's Chromium, its headless shell before the whole browser, or installs it where this user may.
import { spawnSync } from 'node:child_process'
import { existsSync } from 'node:fs'
import { fail } from './setup.mjs'

const USUAL = ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium', '/usr/bin/chromium-browser']

export function ensureChromium() {
  const given = process.env.CHROMIUM
  if (given && !existsSync(given)) fail(`CHROMIUM points to ${given}, which is not there.`)
  const found = given ?? USUAL.find((file) => existsSync(file)) ?? install()
  if (!found) {
    fail('The interface tests need Chromium: install it, or set CHROMIUM to its path.')
  }
  process.env.CHROMIUM = found
}

function install() {
  if (process.getuid?.() !== 0 || !existsSync('/usr/bin/apt-get')) return undefined
  console.log('Installing Chromium from Debian (once) ...')
  const apt = (...args) =>
    spawnSync('apt-get', args, {
      stdio: ['ignore', 'ignore', 'inherit'],
      env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
    })
  apt('update', '-qq')
  const install = (name) => apt('install', '-y', '-qq', '--no-install-recommends', name)
  if (install('chromium-headless-shell').status !== 0) install('chromium')
  return USUAL.find((file) => existsSync(file))
}
