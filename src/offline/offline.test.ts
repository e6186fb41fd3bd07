import assert from 'node:assert/strict'
import { test } from 'node:test'
import { KEPT_AT } from '../ui/keptPages'
import { noConnectionPage } from './noConnectionPage'
import { asKeptAt } from './stampedPage'

test('a page read from the device says when it was made, and is otherwise as it was', async () => {
  const page = new Response('<html><head><title>P03</title></head><body>Lavender</body></html>', {
    headers: {
      date: 'Mon, 02 Nov 2026 10:04:00 GMT',
      'content-type': 'text/html',
      'content-length': '61',
      'content-security-policy': "default-src 'self'",
    },
  })
  const kept = await asKeptAt(page)
  const html = await kept.text()
  assert.match(
    html,
    new RegExp(`<meta name="${KEPT_AT}" content="Mon, 02 Nov 2026 10:04:00 GMT"></head>`),
  )
  assert.match(html, /<body>Lavender<\/body>/)
  assert.equal(kept.headers.get('content-security-policy'), "default-src 'self'")
  assert.equal(kept.headers.get('content-length'), null)
})

test('a date that is none writes nothing into the page but its letters', async () => {
  const page = new Response('<head></head>', { headers: { date: '"><script>x</script>' } })
  assert.equal(
    await (await asKeptAt(page)).text(),
    `<head><meta name="${KEPT_AT}" content="scriptxscript"></head>`,
  )
})

test('what can be read without a connection is listed once each, as text', async () => {
  const answer = noConnectionPage(['/pots/3', '/lots/1', '/pots/3', '/c/%3Cb%3E', '/c/%E0%A4%A'])
  assert.equal(answer.status, 503)
  const html = await answer.text()
  assert.equal(html.split('href="/pots/3"').length - 1, 1)
  assert.ok(html.indexOf('/lots/1') < html.indexOf('/pots/3'))
  assert.ok(!html.includes('<b>') && html.includes('&#60;b&#62;'))
  assert.match(html, /kept on this device/)
})
