import type { Static } from '@sinclair/typebox'
import { expect, expectTypeOf, test } from 'vitest'
import type { Amount, OrderId, UnixSeconds, ViewerId } from './schema.ts'
import { exactly, OrderId as OrderIdSchema, orNull, ViewerId as ViewerIdSchema } from './schema.ts'
import { keyedBy, keysOf } from './world/index.ts'

test('numbers of one kind are told from those of another, and from nothing else', () => {
  expectTypeOf<number>().toExtend<ViewerId>()
  expectTypeOf<ViewerId>().toExtend<number>()
  expectTypeOf<OrderId>().not.toExtend<ViewerId>()
  expectTypeOf<UnixSeconds>().not.toExtend<Amount>()
  const Row = exactly({ viewer: ViewerIdSchema, order: orNull(OrderIdSchema) })
  expectTypeOf<Static<typeof Row>['viewer']>().toEqualTypeOf<ViewerId>()
  expectTypeOf<Static<typeof Row>['order']>().not.toExtend<ViewerId | null>()
  expect(JSON.parse(JSON.stringify(ViewerIdSchema))).toEqual({ type: 'integer', minimum: 1, maximum: 9007199254740991 })
})

test('an object made of words has each of them, and tells them again', () => {
  expect(keysOf(keyedBy(['a', 'b'], (word) => word.toUpperCase()))).toEqual(['a', 'b'])
  expect(keyedBy(['a', 'b'], (word) => word.toUpperCase())).toEqual({ a: 'A', b: 'B' })
})
