import assert from 'node:assert/strict'
import { afterEach, test } from 'node:test'
import type { UseFormReturn } from 'react-hook-form'
// Makes the page that React has to find.
import '../../../testing/renderHook'

interface Values {
  name: string
  crop: string
  roots: string
  pots: string[]
}

const FIRST: Values = { name: 'North & <south>', crop: 'basil', roots: 'few', pots: ['1', '3'] }
const entries = (...values: string[]) => values.map((value) => ({ value, label: value }))

/** A form as screens have them, written by the server and then taken over by its script. */
async function written(first: Partial<Values> = FIRST) {
  const { act, createElement, StrictMode } = await import('react')
  const { renderToString } = await import('react-dom/server')
  const { hydrateRoot } = await import('react-dom/client')
  const { useValues } = await import('./useValues')
  const { Choice, SelectField, TextField } = await import('../Field')
  let form: UseFormReturn<Values> | undefined
  function Screen() {
    form = useValues<Values>(first)
    form.watch()
    const { register } = form
    return createElement(
      'form',
      null,
      createElement(TextField, { label: 'Name', ...register('name') }),
      createElement(
        SelectField,
        { label: 'Crop', ...register('crop') },
        ['bean', 'basil'].map((crop) => createElement('option', { key: crop, value: crop }, crop)),
      ),
      createElement(Choice, {
        label: 'Roots',
        options: entries('none', 'few', 'many'),
        ...register('roots'),
      }),
      createElement(Choice, {
        label: 'Pots',
        kind: 'checkbox',
        options: entries('1', '2', '3'),
        ...register('pots'),
      }),
    )
  }
  const screen = createElement(StrictMode, null, createElement(Screen))
  const place = document.createElement('div')
  document.body.append(place)
  place.innerHTML = renderToString(screen)
  const field = (name: string) =>
    place.querySelector(`[name=${name}]`) as unknown as { value: string }
  const chosen = (name: string) =>
    [...place.querySelectorAll(`input[name=${name}]`)]
      .map((input) => input as unknown as HTMLInputElement)
      .filter(({ checked }) => checked)
      .map(({ value }) => value)
  return {
    shown: () => ({
      name: field('name').value,
      crop: field('crop').value,
      roots: chosen('roots')[0],
      pots: chosen('pots'),
    }),
    takeOver: () => act(async () => void hydrateRoot(place, screen)),
    values: () => form?.getValues(),
    change: (to: Values) => act(async () => form?.reset(to, { keepDefaultValues: true })),
    click: (name: string, value: string) =>
      act(async () =>
        (
          place.querySelector(`input[name=${name}][value="${value}"]`) as unknown as {
            click: () => void
          }
        ).click(),
      ),
  }
}

afterEach(() => {
  document.body.innerHTML = ''
})

test('what a form stands at is written by the server, before any script', async () => {
  const { shown } = await written()
  assert.deepEqual(shown(), FIRST)
})

test('its script takes over what was written, and neither chooses nor forgets a chip', async () => {
  const { shown, takeOver, values } = await written()
  await takeOver()
  assert.deepEqual(shown(), FIRST)
  assert.deepEqual(values(), FIRST)
})

test('what is put in, and chosen, after it stands in the form and on the screen', async () => {
  const { shown, takeOver, values, change, click } = await written()
  await takeOver()
  const typed = { name: '', crop: 'bean', roots: 'many', pots: ['2'] }
  await change(typed)
  assert.deepEqual(shown(), typed, 'a draft')
  await click('pots', '3')
  await click('roots', 'none')
  const last = { ...typed, roots: 'none', pots: ['2', '3'] }
  assert.deepEqual(values(), last)
  assert.deepEqual(shown(), last)
})

test('a form that stands at nothing chooses nothing', async () => {
  const { shown, takeOver, values } = await written({ name: '', pots: [] })
  assert.deepEqual(shown(), { name: '', crop: 'bean', roots: undefined, pots: [] })
  await takeOver()
  assert.deepEqual(values()?.pots, [])
})
