import type { Page } from '@playwright/test'
import { ASKED } from '../benchmarks/mainPages'
import { expect, expectAlive, test, workOutRecipe } from './garden'

/** Pages somebody takes along on paper; what stands in them with its numbers is there too. */
const PAGES = [
  '/lots',
  '/lots/1',
  '/lots/audit',
  '/mixes',
  '/mixes/design?mix=1',
  '/bench',
  '/bench/samples/lot/4',
  '/turnover',
  `/turnover/ways?${ASKED}`,
  '/pots',
  '/pots/1',
  '/trials',
  '/trials/1',
  '/trials/2/results',
  '/trials/candidates?of=mix:1,mix:2&pot=1',
]

/** Texts of figures, rows and facts, each as it is seen. */
const seen = (page: Page) =>
  page.evaluate(() =>
    [...document.querySelectorAll<HTMLElement>('#page :is(td, dd, li, h1, small, [data-paper], p)')]
      .filter((element) => !element.closest('form:not([data-paper]), details:not([open]), summary'))
      // biome-ignore lint/performance/useDomNodeTextContent: what is hidden on paper is not seen there
      .map((element) => element.innerText),
  )

const numbersIn = (text: string): readonly string[] => text.match(/\d+(?:[.,]\d+)*/g) ?? []

async function expectOnPaper(page: Page, name: string): Promise<void> {
  const screen = await seen(page)
  await page.emulateMedia({ media: 'print' })
  const paper = await seen(page)
  const lost = screen.flatMap((text, at) => {
    const kept = numbersIn(paper[at] ?? '')
    return numbersIn(text).every((number) => kept.includes(number)) ? [] : [text]
  })
  expect(lost, `${name}: numbers that paper has lost`).toEqual([])
  expect(screen.flatMap(numbersIn).length, `${name} has numbers`).toBeGreaterThan(2)
  const keys = page.locator('#page :is(button, a[data-key], input[type="search"]):visible')
  const pressed = await keys.evaluateAll((all) =>
    all.filter((key) => !key.hasAttribute('data-paper')).map((key) => key.textContent),
  )
  expect(pressed, `${name}: keys on paper`).toEqual([])
  await page.emulateMedia({ media: 'screen' })
}

test('paper keeps every number of a page, and nothing to press @desk', async ({ page }) => {
  for (const address of PAGES) {
    await page.goto(address)
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
    await expectOnPaper(page, address)
  }
})

test('a recipe on paper tells its litres and grams, and is a document of a page or two @desk', async ({
  page,
}) => {
  await workOutRecipe(page, 'Long trough by the door', 'Strawberry')
  await expectAlive(page)
  await expectOnPaper(page, 'recipe')
  const pdf = await page.pdf({ format: 'A4' })
  const pages = pdf.toString('latin1').match(/\/Type\s*\/Page\b(?!s)/g)?.length ?? 0
  expect(pages).toBeGreaterThan(0)
  expect(pages).toBeLessThan(4)
})
