import { noConnection as words } from '../ui/texts/offline'

/** What is shown for a page that is not kept here: what can be read, and that nothing entered is lost. */
export function noConnectionPage(kept: readonly string[]): Response {
  const links = [...new Set(kept)]
    .sort()
    .map((path) => `<li><a href="${escaped(path)}">${escaped(decoded(path))}</a></li>`)
    .join('')
  const html = `<!doctype html><html lang="en"><head><meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1"><title>${words.title}</title></head>
<body><h1>${words.title}</h1><p>${words.lead}</p>
<p><a href="/log">${words.log}</a></p><h2>${words.kept}</h2><ul>${links}</ul></body></html>`
  return new Response(html, {
    status: 503,
    headers: {
      'content-type': 'text/html; charset=utf-8',
      'content-security-policy': "default-src 'none'",
    },
  })
}

function decoded(path: string): string {
  try {
    return decodeURIComponent(path)
  } catch {
    return path
  }
}

function escaped(text: string): string {
  return text.replace(/[&<>"']/g, (letter) => `&#${letter.charCodeAt(0)};`)
}
