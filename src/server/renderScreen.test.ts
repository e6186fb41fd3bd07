import assert from 'node:assert/strict'
import { test } from 'node:test'
import { createElement, useId } from 'react'
import { renderToReadableStream } from 'react-dom/server'
import { pack, unpacked } from '../ui/packed'
import renderer from './renderScreen'

interface Props {
  readonly pots: readonly { readonly code: string; readonly litres: number | null }[]
}

/** A field of each pot, as screens have them. */
function Screen({ pots }: Props) {
  const id = useId()
  const field = (code: string) => `${id}-${code}`
  return createElement(
    'form',
    null,
    pots.map(({ code, litres }) =>
      createElement(
        'p',
        { key: code },
        createElement('label', { htmlFor: field(code) }, code, ' has ', litres),
        createElement('input', { id: field(code), defaultValue: litres ?? '' }),
      ),
    ),
  )
}

const POTS: Props = {
  pots: [
    { code: 'P01', litres: 12.5 },
    { code: '<b>"P02"</b> & co', litres: null },
  ],
}

async function streamed(props: Props, identifierPrefix: string): Promise<string> {
  const stream = await renderToReadableStream(createElement(Screen, props), { identifierPrefix })
  return new Response(stream as never).text()
}

/** The screens of one page, one after the other. */
function pageOf(result = {}) {
  return (Component: unknown, props: object, slots = {}) =>
    renderer.renderToStaticMarkup.call({ result }, Component, { ...props }, slots)
}

test('a screen is written as React writes it, and the browser is told by which ids to go on', async () => {
  const write = pageOf()
  const first = await write(Screen, POTS)
  const second = await write(Screen, POTS)
  assert.deepEqual(first, { html: await streamed(POTS, 'r0'), attrs: { prefix: 'r0' } })
  assert.deepEqual(second, { html: await streamed(POTS, 'r1'), attrs: { prefix: 'r1' } })
  assert.notEqual(first.html, second.html)
  assert.deepEqual(await pageOf()(Screen, POTS), first)
})

test('what a screen throws is not kept quiet, and what stands between its tags neither', async () => {
  const broken = () => {
    throw new Error('No such pot')
  }
  await assert.rejects(pageOf()(broken, {}), /No such pot/)
  await assert.rejects(pageOf()(Screen, POTS, { default: 'text' }), /takes no children: default/)
})

test('every part of a page that is a function is a screen', async () => {
  assert.equal(await renderer.check(Screen, {}, {}), true)
  assert.equal(await renderer.check({}, {}, {}), false)
})

test('a screen that is given one text shows what it would show of the parts', async () => {
  const Unpacked = unpacked(Screen)
  const odd = [...POTS.pots, { code: '"~\\~" ~\\u007e~ \n', litres: 0 }]
  for (const props of [POTS, { pots: odd }]) {
    const text = pack(props)
    const asPacked = await pageOf()(Unpacked, text)
    assert.equal(asPacked.html, await streamed(props, 'r0'))
    // And from the text alone, as in the browser, or when another page was packed meanwhile.
    pack({ pots: [] })
    assert.deepEqual(await pageOf()(Unpacked, text), asPacked)
    assert.doesNotMatch(text.packed, /"/)
  }
})
