import { describe, expect, test, vi } from 'vitest'
import { DraftStore, fits } from './draftStore.ts'
import { type DraftStorage, discardDraftsOn, hasDraftsOn } from './keptDrafts.ts'

function storage(): DraftStorage & { readonly kept: Map<string, string> } {
  const kept = new Map<string, string>()
  return {
    kept,
    getItem: (key) => kept.get(key) ?? null,
    setItem: (key, value) => void kept.set(key, value),
    removeItem: (key) => void kept.delete(key),
    key: (i) => [...kept.keys()][i] ?? null,
    get length() {
      return kept.size
    },
  }
}

const DRAFT = { draft: { price: 200 }, base: { price: 100 }, page: '/store' }

describe('drafts', () => {
  test('are there again after a reload, for whoever typed them and nobody else', () => {
    const device = storage()
    new DraftStore('bench/wanda', device).put('reward/1', DRAFT)
    expect(new DraftStore('bench/wanda', device).all().get('reward/1')).toEqual(DRAFT)
    expect(new DraftStore('bench/pia', device).all().size).toBe(0)
    expect(new DraftStore('roof/wanda', device).all().size).toBe(0)
  })

  test('are gone from the device once they are saved or discarded', () => {
    const device = storage()
    const store = new DraftStore('bench/wanda', device)
    store.put('reward/1', DRAFT)
    store.drop('reward/1')
    expect(device.kept.size).toBe(0)
  })

  test('of another tab are taken over, and those of another channel are not looked at', () => {
    const device = storage()
    const [one, other] = [new DraftStore('bench/wanda', device), new DraftStore('bench/wanda', device)]
    const seen = vi.fn()
    other.subscribe(seen)
    one.put('zone', { ...DRAFT, draft: 'Europe/Berlin' })
    other.changedElsewhere('ricompensa/draft/roof/wanda/zone')
    expect(seen).not.toHaveBeenCalled()
    other.changedElsewhere('ricompensa/draft/bench/wanda/zone')
    expect(other.all().get('zone')?.draft).toBe('Europe/Berlin')
  })

  test('live as long as the page where the device has no room for them', () => {
    const full = storage()
    const store = new DraftStore('bench/wanda', {
      ...full,
      setItem: () => {
        throw new DOMException('full', 'QuotaExceededError')
      },
    })
    store.put('reward/1', DRAFT)
    expect(store.all().get('reward/1')).toEqual(DRAFT)
  })

  test.each(['', '{', '7', 'null', '{"draft": 1}'])('that read %s are none', (text) => {
    const device = storage()
    device.setItem('ricompensa/draft/bench/wanda/zone', text)
    expect(new DraftStore('bench/wanda', device).all().size).toBe(0)
  })
})

test('a page that fails can be rid of what was typed into it, and no other page loses anything', () => {
  const device = storage()
  const store = new DraftStore('bench/wanda', device)
  store.put('reward/1', DRAFT)
  store.put('zone', { ...DRAFT, page: '/commands/words' })
  expect(hasDraftsOn('/desk/bench/store', device)).toBe(true)
  discardDraftsOn('/desk/bench/store', device)
  expect(hasDraftsOn('/desk/bench/store', device)).toBe(false)
  expect([...new DraftStore('bench/wanda', device).all().keys()]).toEqual(['zone'])
})

test.each([
  [{ price: 1 }, { price: 2 }, true],
  [{ price: '1' }, { price: 2 }, false],
  [{ price: 1 }, { price: 2, name: 'new field' }, true],
  [{ picture: 'a.webp' }, { picture: null }, true],
  [{ steps: {} }, { steps: [] }, false],
  ['text', { price: 1 }, false],
])('a draft %o fits %o: %s', (draft, live, wanted) => expect(fits(draft, live)).toBe(wanted))
