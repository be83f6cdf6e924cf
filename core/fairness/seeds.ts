import { type Static, Type } from '@sinclair/typebox'
import type { UnixSeconds } from '../schema.ts'
import { Count, exactly } from '../schema.ts'
import { readSetting, setting, writeSetting } from '../settings/index.ts'
import { defineTable, ok, type Result, type World } from '../world/index.ts'
import { Chance, commitmentOf } from './chance.ts'

/**
 * The seed that small draws (steps that choose, texts that pick) are made from. Its commitment is public from the moment it
 * is opened, the seed itself from the moment the next one takes its place.
 */
const OpenSeed = exactly({
  id: Count,
  /** 32 bytes in hex; empty before the first. */
  seed: Type.String({ pattern: '^([0-9a-f]{64})?$' }),
  openedAt: Count,
})
export type OpenSeed = Readonly<Static<typeof OpenSeed>>

const NO_SEED: OpenSeed = { id: 0, seed: '', openedAt: 0 }
export const seedSetting = setting('seed', 'open seed', OpenSeed, NO_SEED)

/** A seed that is not drawn from any more, for anyone to check with. */
export interface SeedRow extends OpenSeed {
  readonly commitment: string
  readonly closedAt: UnixSeconds
}

export const seeds = defineTable<SeedRow>('seed', 'append', (row) => row.id)

export interface ChangeSeed {
  readonly kind: 'fairness.seed'
  /** 32 random bytes in hex, made by the sender. */
  readonly seed: string
  /** Only if there is none yet. */
  readonly first?: boolean
}

/** Publishes the seed that was drawn from so far and opens the next one. */
export function openNextSeed(world: World, { seed, first }: Omit<ChangeSeed, 'kind'>): Result<{ seed: number }> {
  const open = readSetting(world, seedSetting)
  if (first && open.seed !== '') return ok({ seed: open.id })
  if (open.seed !== '') {
    world.append(seeds, { ...open, commitment: commitmentOf(open.seed), closedAt: world.at })
    world.fact('fairness.opened', 'everyone', { seed: open.id, revealed: open.seed })
  }
  const next = { id: world.nextId(), seed, openedAt: world.at }
  writeSetting(world, seedSetting, next)
  world.fact('fairness.committed', 'everyone', { seed: next.id, commitment: commitmentOf(seed) })
  return ok({ seed: next.id })
}

/** The random numbers for a label, from the seed that is open. @throws before the first seed, which the server opens at its start. */
export function chanceFor(world: World, label: string): Chance {
  const { seed } = readSetting(world, seedSetting)
  if (seed === '') throw new Error('No seed is open to draw from.')
  return new Chance(seed, label)
}
