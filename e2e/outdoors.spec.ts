import { MAIN_PAGES } from '../benchmarks/mainPages'
import { expect, expectAlive, test } from './garden'

/** For wet gloves: what is pressed is as high as a thumb, px. */
const THUMB_PX = 44

test('every main page works by a gloved thumb outdoors: nothing too wide, nothing too low to press', {
  tag: '@phone',
}, async ({ page, baseURL }) => {
  await page.context().addCookies([{ name: 'innings-theme', value: 'outdoor', url: baseURL ?? '' }])
  for (const { address } of MAIN_PAGES) {
    if (address.startsWith('/api')) continue
    await page.goto(address)
    await expectAlive(page)
    const found = await page.evaluate((least) => {
      const pressed = document.querySelectorAll<HTMLElement>(
        'button, select, summary, input:not([type=hidden]), textarea',
      )
      const low = [...pressed].flatMap((element) => {
        // A box that is ticked is pressed by its label as well.
        const target = element.closest('label') ?? element
        const { width, height } = target.getBoundingClientRect()
        const isShown = width > 1 && height > 1 && target.checkVisibility()
        const name = element.getAttribute('aria-label') ?? element.textContent ?? element.tagName
        return isShown && height < least - 0.5
          ? [`${name.trim().slice(0, 40)} ${Math.round(height)}`]
          : []
      })
      const { scrollWidth, clientWidth } = document.documentElement
      return { wider: scrollWidth - clientWidth, low: [...new Set(low)] }
    }, THUMB_PX)
    expect.soft(found, address).toEqual({ wider: 0, low: [] })
  }
  // What is pressed all day is higher still.
  await page.goto('/log?pot=2')
  for (const name of [/^Growth 1/, 'Stays wet', 'Harvested', /^Next/]) {
    const box = await page.getByRole('button', { name }).boundingBox()
    expect(box?.height, String(name)).toBeGreaterThanOrEqual(56)
  }
})

test('what the keyboard goes to is not hidden by the bar at the foot', {
  tag: '@phone',
}, async ({ page }) => {
  await page.goto('/lots')
  await expectAlive(page)
  const last = page.getByRole('main').getByRole('link').last()
  const barTop = (await page.getByRole('navigation', { name: 'Innings' }).boundingBox())?.y ?? 0
  await page.locator('#page').focus()
  for (let tabs = 0; tabs < 60; tabs++) {
    await page.keyboard.press('Tab')
    const bottom = await page.evaluate(
      () => document.activeElement?.getBoundingClientRect().bottom ?? 0,
    )
    expect(bottom, `after ${tabs + 1} tabs`).toBeLessThanOrEqual(barTop)
    if (await last.evaluate((link) => link === document.activeElement)) return
  }
})
