import { describe, expect, it } from 'vitest'
import { writeIn } from './writable'

describe('the cursor goes into a card’s first field', () => {
  const card = (inside: string) => {
    document.body.innerHTML = `<div class="card">${inside}</div><button>Elsewhere</button>`
    const at = document.querySelector('.card')!
    at.scrollIntoView = () => undefined
    return at
  }

  it('past its own name', async () => {
    expect(await writeIn(card('<header><input id="name"></header><input id="words">'))).toBe(true)
    expect(document.activeElement?.id).toBe('words')
  })

  it('but not away from where somebody has gone meanwhile', async () => {
    const at = card('')
    const written = writeIn(at)
    document.querySelector('button')!.focus()
    at.innerHTML = '<input>'
    expect(await written).toBe(true)
    expect(document.activeElement?.textContent).toBe('Elsewhere')
  })

  it('and says where there is none', async () => {
    expect(await writeIn(card('<p>Words</p>'))).toBe(false)
  })
})
