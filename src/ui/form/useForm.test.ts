import assert from 'node:assert/strict'
import { afterEach, beforeEach, test } from 'node:test'
import { catchRequests, renderHook, settle } from '../../../testing/renderHook'
import { useForm } from './useForm'

let requests: ReturnType<typeof catchRequests>
const went: string[] = []
const real = window.location

beforeEach(() => {
  requests = catchRequests()
  went.length = 0
  localStorage.clear()
  sessionStorage.clear()
  Object.defineProperty(window, 'location', {
    configurable: true,
    value: { assign: (to: string) => went.push(to), reload: () => went.push('anew') },
  })
})
afterEach(() => {
  requests.restore()
  Object.defineProperty(window, 'location', { configurable: true, value: real })
})

const open = () =>
  renderHook(
    () =>
      useForm('PATCH /api/places/[id]', {
        draft: 'place/3',
        begin: { name: 'Steps', exposure: 'open' },
        asked: ({ name, exposure }) =>
          name === 'unreadable'
            ? null
            : { params: { id: 3 }, body: { name, exposure, version: 1 } },
        taken: (_, { name }) => ({
          text: `${name} kept`,
          ...(name === 'Yard' && { to: '/places' }),
        }),
      }),
    undefined,
  )
type Opened = Awaited<ReturnType<typeof open>>

async function submit(form: Opened) {
  await form.act(async () => {
    form.now().submit()
    await settle()
  })
}
const answer = (form: Opened, status: number, body: unknown) =>
  form.act(async () => {
    requests.made.at(-1)?.answer(status, body)
    await settle()
  })

test('what was typed is sent once, thrown away when it was taken, and said on the page that follows', async () => {
  const form = await open()
  await form.act(() => form.now().change({ name: 'Yard' }))
  assert.equal(localStorage.getItem('draft/place/3'), '{"name":"Yard"}', 'only what was changed')
  await submit(form)
  await submit(form)
  assert.equal(requests.made.length, 1)
  assert.equal(requests.made[0]?.address, '/api/places/3')
  assert.deepEqual(requests.made[0]?.body, { name: 'Yard', exposure: 'open', version: 1 })
  assert.ok(form.now().isSending)
  await answer(form, 200, {})
  assert.equal(localStorage.getItem('draft/place/3'), null)
  assert.deepEqual(went, ['/places'])
  assert.match(sessionStorage.getItem('toast') ?? '', /Yard kept/)
})

test('without an address the page comes anew', async () => {
  const form = await open()
  await submit(form)
  await answer(form, 200, {})
  assert.deepEqual(went, ['anew'])
})

test('what is refused stands at its field, and nothing that was typed is lost', async () => {
  const form = await open()
  await form.act(() => form.now().change({ name: '' }))
  await submit(form)
  await answer(form, 422, {
    code: 'not-valid',
    detail: 'Not so.',
    status: 422,
    fields: [{ field: 'name', message: 'Give it a name.' }],
  })
  assert.equal(form.now().field('name').error?.message, 'Give it a name.')
  assert.equal(form.now().field('exposure').error, undefined)
  assert.equal(form.now().field('exposure', 'wind', 'name').error?.message, 'Give it a name.')
  assert.equal(form.now().problem?.detail, 'Not so.')
  assert.equal(localStorage.getItem('draft/place/3'), '{"name":""}')
  assert.deepEqual(went, [])
})

test('what cannot be read is not sent', async () => {
  const form = await open()
  await form.act(() => form.now().change({ name: 'unreadable' }))
  await submit(form)
  assert.equal(requests.made.length, 0)
  assert.equal(form.now().quantity('name').typed, 'unreadable')
})
