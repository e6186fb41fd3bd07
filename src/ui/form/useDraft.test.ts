import assert from 'node:assert/strict'
import { beforeEach, test } from 'node:test'
import { renderHook } from '../../../testing/renderHook'
import { useDraft } from './useDraft'

const DEFAULTS = { litres: '', note: '' }

async function openForm(key = 'entry/1') {
  // React has to find the page: it is imported after it was made.
  const { useForm } = await import('react-hook-form')
  return renderHook(() => {
    const form = useForm({ defaultValues: DEFAULTS })
    return { form, throwAway: useDraft(key, form, DEFAULTS) }
  }, null)
}

beforeEach(() => localStorage.clear())

test('what was typed is there again after the page was left', async () => {
  const first = await openForm()
  await first.act(() => first.now().form.setValue('litres', '12 L'))
  await first.unmount()
  const again = await openForm()
  assert.equal(again.now().form.getValues('litres'), '12 L')
  const other = await openForm('entry/2')
  assert.equal(other.now().form.getValues('litres'), '', 'of another thing nothing is known')
})

test('a draft that was thrown away does not come back, even when something changes after it', async () => {
  const first = await openForm()
  await first.act(() => first.now().form.setValue('note', 'half a word'))
  await first.act(() => first.now().throwAway())
  await first.act(() => first.now().form.setValue('note', ''))
  await first.unmount()
  const again = await openForm()
  assert.equal(again.now().form.getValues('note'), '')
})

test('a draft that cannot be read, or a store that is shut, stops nobody', async () => {
  localStorage.setItem('draft/entry/1', '{half')
  const form = await openForm()
  assert.equal(form.now().form.getValues('litres'), '')
  const { setItem } = localStorage
  localStorage.setItem = () => {
    throw new Error('full')
  }
  await form.act(() => form.now().form.setValue('litres', '3 L'))
  assert.equal(form.now().form.getValues('litres'), '3 L')
  localStorage.setItem = setItem
})
