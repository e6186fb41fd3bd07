import { KEPT_AT } from '../ui/keptPages'

/** A kept page that says when it was made, so that what it shows is not taken for what is there now. */
export async function asKeptAt(response: Response): Promise<Response> {
  const at = response.headers.get('date') ?? ''
  const html = await response.text()
  const stamp = `<meta name="${KEPT_AT}" content="${at.replace(/[^\w ,:+-]/g, '')}">`
  const { status, statusText, headers } = response
  return new Response(html.replace('</head>', `${stamp}</head>`), {
    status,
    statusText,
    headers: withoutLength(headers),
  })
}

function withoutLength(headers: Headers): Headers {
  const kept = new Headers(headers)
  for (const name of ['content-length', 'content-encoding']) kept.delete(name)
  return kept
}
