import assert from 'node:assert/strict'
import { test } from 'node:test'
import { TROUGH_TO_STRAWBERRY } from '../answers'
import { demoFolder, post, start } from './application'

const highestInnings = (page: string) =>
  Math.max(...[...page.matchAll(/Innings (\d+)/g)].map(([, number]) => Number(number)))

test('kill -9 in the middle of finishing leaves all of it or nothing', async (t) => {
  const folder = await demoFolder(t)
  let server = await start(t, folder)
  const read = async (place: string) => {
    const answer = await fetch(server.address + place).catch(({ cause }) => {
      throw new Error(`${place} was not answered: ${cause}`)
    })
    return answer.text()
  }
  for (const delayMs of [0, 15, 40, 90, 180]) {
    const orders = `${server.address}/api/recondition/work-orders`
    const created = await post(orders, TROUGH_TO_STRAWBERRY)
    assert.equal(created.status, 201, await created.clone().text())
    const { id } = (await created.json()) as { id: number }
    const before = highestInnings(await read('/lots/1'))
    const finishing = post(`${orders}/${id}/finish`).catch(() => null)
    await new Promise((resolve) => setTimeout(resolve, delayMs))
    await server.stop('SIGKILL')
    const answered = (await finishing)?.ok ?? false
    server = await start(t, folder)
    const lot = await read('/lots/1')
    const finished = (await read(`/turnover/orders/${id}`)).includes('Finished on')
    const booked = lot.includes(`/turnover/orders/${id}`) && lot.includes(`turnover ${id}`)
    assert.equal(highestInnings(lot), before + (finished ? 1 : 0))
    assert.equal(booked, finished)
    if (answered) assert.ok(finished, 'what was answered is there')
    if (!finished) {
      const away = await post(`${server.address}/api/recondition/work-orders/${id}/put-away`)
      assert.equal(away.status, 200)
    }
  }
  await server.stop()
})
