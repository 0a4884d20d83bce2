// Wears a look on the demo and releases it, as a manager does: what is measured then is what visitors get.
const SITE = '/api/sites/kestrel-moor'

/** A signed-in manager of the demo. */
export async function manager(origin) {
  const cookies = new Map()
  async function ask(method, path, body) {
    // Lighthouse runs for longer than a connection is kept.
    const headers = { connection: 'close', cookie: [...cookies].map(([k, v]) => `${k}=${v}`).join('; ') }
    if (body) Object.assign(headers, { 'content-type': 'application/json', 'x-xsrf-token': [...cookies].find(([name]) => name.startsWith('XSRF-TOKEN-'))?.[1] ?? '' })
    const answer = await fetch(origin + path, { method, headers, body: body && JSON.stringify(body) })
    for (const set of answer.headers.getSetCookie()) {
      const [, name, value] = /^([^=]+)=([^;]*)/.exec(set)
      cookies.set(name, value)
    }
    if (!answer.ok && path !== '/api/me') throw new Error(`${path}: ${answer.status} ${await answer.text()}`)
    const text = answer.ok ? await answer.text() : ''
    return text ? JSON.parse(text) : null
  }
  await ask('GET', '/api/me')
  await ask('POST', '/api/sign-in', { email: 'maja@kestrel-moor.example', password: 'dark-sky-friday' })
  await ask('GET', '/api/me')
  let turn = 0
  async function wear(look) {
    const command = { verb: 'wear-look', look }
    await ask('POST', `${SITE}/commands`, { command, seen: {}, request: `bench-wears-${look}-${Date.now()}-${turn++}` })
    await ask('POST', `${SITE}/releases`, { items: ['site'], note: `Wears ${look}` })
  }
  return { wear }
}
