import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { CHROMIUM_FLAGS } from '../scripts/chromiumFlags.mjs'
import { qrModules } from '../src/server/labels/qrPath'
import { expect, expectAlive, test } from './garden'

const [WIDTH, HEIGHT, MODULE_PX] = [640, 480, 8]
const folder = mkdtempSync(path.join(tmpdir(), 'innings-camera-'))
const film = path.join(folder, 'label.y4m')

/** A film of one picture: a label held before the camera. */
function filmOf(text: string): Buffer {
  const { modules, isDark } = qrModules(text)
  const luma = Buffer.alloc(WIDTH * HEIGHT, 200)
  const left = Math.round((WIDTH - modules * MODULE_PX) / 2)
  const top = Math.round((HEIGHT - modules * MODULE_PX) / 2)
  for (let y = 0; y < modules * MODULE_PX; y++) {
    for (let x = 0; x < modules * MODULE_PX; x++) {
      const dark = isDark(Math.floor(y / MODULE_PX), Math.floor(x / MODULE_PX))
      luma[(top + y) * WIDTH + left + x] = dark ? 20 : 230
    }
  }
  const grey = Buffer.alloc((WIDTH * HEIGHT) / 2, 128)
  const frame = Buffer.concat([Buffer.from('FRAME\n'), luma, grey])
  const head = Buffer.from(`YUV4MPEG2 W${WIDTH} H${HEIGHT} F10:1 Ip A1:1 C420jpeg\n`)
  return Buffer.concat([head, ...Array<Buffer>(10).fill(frame)])
}

writeFileSync(film, filmOf('http://192.168.1.5:4321/c/P07'))

test.use({
  launchOptions: {
    executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
    args: [
      ...CHROMIUM_FLAGS,
      '--use-fake-ui-for-media-stream',
      '--use-fake-device-for-media-stream',
      `--use-file-for-fake-video-capture=${film}`,
    ],
  },
})

test.afterAll(() => rmSync(folder, { recursive: true, force: true }))

test('the label of a pot before the camera leads to the pot', { tag: '@desk' }, async ({
  page,
}) => {
  await page.goto('/log')
  await expectAlive(page)
  await page.getByRole('button', { name: 'Read a label' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('P07')
  await page.getByRole('button', { name: 'Another pot or place' }).click()
  await expect(page.getByRole('button', { name: /^P07/ }), 'among the last ones').toBeVisible()
})
