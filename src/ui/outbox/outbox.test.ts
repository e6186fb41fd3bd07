import assert from 'node:assert/strict'
import { test } from 'node:test'
import fc from 'fast-check'
import { type Entry, isBulky, type NewEntry } from './entry'
import { type Answered, createOutbox, type Heard } from './outbox'
import { memoryStore } from './store'

const refusal = (status: number, code = 'not-valid'): Answered => ({
  ok: false,
  problem: {
    type: 'about:blank',
    title: code,
    status,
    code,
    detail: 'The sentence.',
    fields: [],
  },
})

/** One browser with its pages and a server behind a connection that can be cut. */
function browser() {
  const store = memoryStore()
  const ears: ((told: Heard) => void)[] = []
  /** What the server did, each id once. */
  const done: string[] = []
  const ids = new Set<string>()
  const world = {
    nowMs: 0,
    garden: 'this one',
    isOnline: true,
    /** The answer is lost on its way back. */
    losesAnswers: false,
    answer: (_entry: Entry): Answered => ({ ok: true, data: 'taken' }),
    patience: [] as (() => void)[],
    done,
    store,
    /** Told by a page that is not of this test. */
    tell(told: Heard) {
      for (const ear of ears) ear(told)
    },
    async page(holder: string, line?: (entry: Entry) => Promise<Answered>) {
      let isClosed = false
      let mine: (told: Heard) => void = () => {}
      const outbox = await createOutbox({
        store,
        holder,
        now: () => world.nowMs,
        newId: () => `${holder}-${Math.random().toString(36).slice(2)}`,
        garden: () => world.garden,
        post: async (entry) => {
          if (isClosed) return new Promise<Answered>(() => {})
          if (line) return line(entry)
          await Promise.resolve()
          if (!world.isOnline) return null
          const answer = world.answer(entry)
          if (answer?.ok && !ids.has(entry.id)) {
            ids.add(entry.id)
            done.push(entry.title)
          }
          return world.losesAnswers ? null : answer
        },
        tell: (news) => {
          if (isClosed) return
          for (const ear of ears) if (ear !== mine) ear(news)
        },
        hear: (ear) => {
          mine = ear
          ears.push(ear)
        },
        later: (work) => void world.patience.push(work),
      })
      const close = () => {
        isClosed = true
      }
      return Object.assign(outbox, { close })
    },
  }
  return world
}

const what = (title: string, about = 'pot/1'): NewEntry => ({
  about,
  title,
  where: 'P01',
  page: '/pots/1',
  method: 'POST',
  address: '/api/x',
  body: { title },
})

const turn = () => new Promise((resolve) => setImmediate(resolve))

test('entries go out in their order, each once, and their makers hear the answer', async () => {
  const world = browser()
  const page = await world.page('a')
  const heard: string[] = []
  page.listen((news) => news.kind === 'answered' && heard.push(news.entry.title))
  const outcomes = await Promise.all(['one', 'two', 'three'].map((title) => page.add(what(title))))
  assert.deepEqual(world.done, ['one', 'two', 'three'])
  assert.deepEqual(heard, ['one', 'two', 'three'])
  assert.ok(outcomes.every(({ kind }) => kind === 'answered'))
  assert.deepEqual(page.entries(), [])
})

test('without a connection they wait, are told as waiting, and go out when it is back', async () => {
  const world = browser()
  const page = await world.page('a')
  world.isOnline = false
  const outcomes = [page.add(what('one')), page.add(what('two'))]
  await turn()
  assert.equal(page.hold(), 'no answer')
  assert.equal(page.isLate(), true)
  for (const give of world.patience) give()
  assert.deepEqual(await Promise.all(outcomes), [{ kind: 'waiting' }, { kind: 'waiting' }])
  assert.equal(page.entries().length, 2)
  world.isOnline = true
  await page.flush()
  assert.deepEqual(world.done, ['one', 'two'])
  assert.equal(page.hold(), null)
})

test('on its way an entry is not late; on a line that hangs it is after a while, until it has arrived', async () => {
  const world = browser()
  let comes: (answered: Answered) => void = () => {}
  world.answer = () => assert.fail('the line hangs')
  const page = await world.page('a', () => new Promise((resolve) => (comes = resolve)))
  let told = 0
  page.subscribe(() => (told += 1))
  void page.add(what('one'))
  await turn()
  assert.equal(page.isLate(), false)
  const before = told
  for (const give of world.patience) give()
  assert.equal(page.isLate(), true)
  assert.ok(told > before, 'who shows it is told')
  // Another page that opens meanwhile waits as long before it says so.
  const second = await world.page('b')
  assert.equal(second.isLate(), false)
  for (const give of world.patience) give()
  assert.equal(second.isLate(), true)
  comes({ ok: true, data: null })
  await turn()
  assert.deepEqual([page.isLate(), page.entries()], [false, []])
})

test('an answer that was lost is asked for again under the same id, and nothing is done twice', async () => {
  const world = browser()
  const page = await world.page('a')
  world.losesAnswers = true
  void page.add(what('one'))
  await turn()
  await page.flush()
  assert.equal(page.entries().length, 1)
  world.losesAnswers = false
  await page.flush()
  assert.deepEqual(world.done, ['one'])
  assert.deepEqual(page.entries(), [])
})

test('what is refused lets the others pass and stays until somebody decides', async () => {
  const world = browser()
  const page = await world.page('a')
  world.answer = ({ title, body }) =>
    title === 'wrong' && !(body as { right?: true }).right
      ? refusal(409, 'stale')
      : { ok: true, data: null }
  const [refused] = await Promise.all([page.add(what('wrong')), page.add(what('next'))])
  assert.equal(refused?.kind, 'refused')
  assert.deepEqual(world.done, ['next'])
  const [kept] = page.entries()
  assert.equal(kept?.problem?.detail, 'The sentence.')
  await page.again(kept as Entry, { right: true })
  assert.deepEqual(world.done, ['next', 'wrong'])
  assert.deepEqual(page.entries(), [])
  await page.add(what('wrong'))
  await page.throwAway(page.entries()[0] as Entry)
  assert.deepEqual(page.entries(), [])
  assert.equal(world.done.length, 2)
})

test('a refusal is shown at the form it came from, and not kept beside it', async () => {
  const world = browser()
  const page = await world.page('a')
  world.answer = () => refusal(422)
  const outcome = await page.add(what('typed'), true)
  assert.equal(outcome.kind, 'refused')
  assert.deepEqual(page.entries(), [])
  // A form that no longer waits cannot show it: then it is kept.
  world.isOnline = false
  const late = page.add(what('late'), true)
  await turn()
  for (const give of world.patience) give()
  assert.equal((await late).kind, 'waiting')
  world.isOnline = true
  await page.flush()
  assert.equal(page.entries()[0]?.problem?.status, 422)
})

test('a server that fails, is full or asks to slow down is asked again; who is signed out signs in first', async () => {
  const world = browser()
  const page = await world.page('a')
  for (const status of [500, 503, 507, 429]) {
    world.answer = () => refusal(status)
    void page.add(what(`at ${status}`))
    await turn()
    assert.equal(page.hold(), 'no answer')
  }
  world.answer = () => refusal(401, 'sign-in')
  await page.flush()
  assert.equal(page.hold(), 'sign in')
  assert.equal(page.entries().length, 4)
  world.answer = () => ({ ok: true, data: null })
  await page.flush()
  assert.deepEqual(world.done, ['at 500', 'at 503', 'at 507', 'at 429'])
})

test('of two pages one sends at a time, and both know what became of it', async () => {
  const world = browser()
  const [one, two] = [await world.page('a'), await world.page('b')]
  world.isOnline = false
  const added = [one.add(what('from one')), two.add(what('from two'))]
  await turn()
  const heard: string[] = []
  two.listen((news) => news.kind === 'answered' && heard.push(news.entry.title))
  world.isOnline = true
  await Promise.all([one.flush(), two.flush()])
  await turn()
  assert.deepEqual(world.done, ['from one', 'from two'])
  assert.deepEqual(heard, ['from one', 'from two'])
  assert.ok((await Promise.all(added)).every(({ kind }) => kind === 'answered'))
  assert.deepEqual([one.entries(), two.entries()], [[], []])
})

test('a page that is closed while it sends holds the others up for half a minute at the most', async () => {
  const world = browser()
  const [one, two] = [await world.page('a'), await world.page('b')]
  one.close()
  void one.add(what('left behind'))
  await turn()
  await two.flush()
  assert.deepEqual(world.done, [])
  world.nowMs += 30_000
  await two.flush()
  assert.deepEqual(world.done, ['left behind'])
})

test('a page that is left between an answer and the telling of it leaves no other with an entry that is gone', async () => {
  const world = browser()
  const [one, two] = [await world.page('a'), await world.page('b')]
  world.isOnline = false
  void one.add(what('from one'))
  const mine = two.add(what('from two'))
  await turn()
  assert.equal(two.entries().length, 2)
  const heard: string[] = []
  two.listen((news) => news.kind === 'answered' && heard.push(news.entry.title))
  const entries = await world.store.all()
  // It was answered, took them off the list, and was loaded anew.
  one.close()
  for (const entry of entries) await world.store.remove(entry)
  await two.flush()
  assert.deepEqual(two.entries(), [])
  assert.deepEqual(heard, [])
  // The page after it tells what that one was answered, also to who has heard it.
  for (let times = 0; times < 2; times++) {
    for (const entry of entries) {
      world.tell({ kind: 'again', news: { kind: 'answered', entry, data: entry.title } })
    }
  }
  assert.deepEqual(heard, ['from one', 'from two'])
  assert.deepEqual(await mine, { kind: 'answered', data: 'from two' })
})

test('whatever is cut and whenever: all that was entered is done once, in the order of entering', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.array(
        fc.constantFrom('enter a', 'enter b', 'cut', 'back', 'lose', 'flush a', 'flush b', 'later'),
        { minLength: 5, maxLength: 40 },
      ),
      async (steps) => {
        const world = browser()
        const pages = { a: await world.page('a'), b: await world.page('b') }
        const entered: string[] = []
        for (const step of steps) {
          const [act = '', who = 'a'] = step.split(' ') as [string, 'a' | 'b']
          if (act === 'enter') {
            entered.push(`${entered.length}`)
            void pages[who].add(what(`${entered.length - 1}`))
          }
          if (act === 'cut') world.isOnline = false
          if (act === 'back') Object.assign(world, { isOnline: true, losesAnswers: false })
          if (act === 'lose') world.losesAnswers = true
          if (act === 'flush') void pages[who].flush()
          if (act === 'later') world.nowMs += 40_000
          await turn()
        }
        Object.assign(world, { isOnline: true, losesAnswers: false })
        world.nowMs += 40_000
        await pages.a.flush()
        await turn()
        await pages.b.flush()
        assert.deepEqual(world.done, entered)
        assert.deepEqual(await world.store.all(), [])
      },
    ),
    { numRuns: 150, seed: 18 },
  )
})

const photo = (title: string): NewEntry => ({
  ...what(title, `photo of ${title}`),
  body: { jpeg: 'x' },
})

test('photos go last and apart: a slow one holds nothing else up, and is not sent twice', async () => {
  const world = browser()
  world.isOnline = false
  const page = await world.page('a')
  void page.add(photo('first photo'))
  await turn()
  void page.add(what('a score'))
  await turn()
  world.isOnline = true
  let arrived: (answer: Answered) => void = () => {}
  const slow = await world.page('b', (entry) =>
    isBulky(entry) ? new Promise((resolve) => (arrived = resolve)) : Promise.resolve(null),
  )
  void slow.flush()
  await turn()
  assert.equal(slow.isCarrying(), true, 'the page should not be left now')
  assert.equal(page.isCarrying(), false)
  await page.flush()
  assert.deepEqual(world.done, ['a score'])
  void page.add(what('another'))
  await turn()
  assert.deepEqual(world.done, ['a score', 'another'])
  arrived({ ok: true, data: 'taken' })
})

test('what fails there for good stops nothing else but what was entered of the same thing, and is told in the end', async () => {
  const world = browser()
  const page = await world.page('a')
  const said: string[] = []
  world.answer = ({ title }) => {
    said.push(title)
    return title === 'broken' ? refusal(500, 'unexpected') : { ok: true, data: 'taken' }
  }
  void page.add(what('broken', 'pot/1'))
  await turn()
  void page.add(what('behind it', 'pot/1'))
  await turn()
  void page.add(what('of another pot', 'pot/2'))
  await turn()
  assert.deepEqual(world.done, ['of another pot'])
  assert.equal(page.isLate(), true)
  for (let round = 0; round < 6; round++) await page.flush()
  assert.deepEqual(world.done, ['of another pot', 'behind it'])
  assert.equal(page.entries()[0]?.problem?.status, 500)
})

test('an entry tells the garden it was made in; refused by another, it is sent there only when somebody says so', async () => {
  const world = browser()
  world.isOnline = false
  const page = await world.page('a')
  void page.add(what('a score'))
  await turn()
  assert.equal(page.entries()[0]?.garden, 'this one')
  world.garden = 'restored'
  world.isOnline = true
  const asked: Entry[] = []
  world.answer = (entry) => {
    asked.push(entry)
    return entry.garden === 'restored' ? { ok: true, data: 'taken' } : refusal(409, 'other-garden')
  }
  await page.flush()
  await page.flush()
  assert.deepEqual(world.done, [])
  const [kept] = page.entries()
  assert.equal(kept?.problem?.code, 'other-garden')
  assert.ok(kept)
  await page.again(kept)
  assert.deepEqual(world.done, ['a score'])
  assert.notEqual(asked.at(-1)?.id, asked[0]?.id)
})
