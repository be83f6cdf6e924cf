import { screen } from '@testing-library/react'
import { expect, test } from 'vitest'
import { RIVETS } from '../../testing/web/desk.tsx'
import { showPage } from '../../testing/web/page.tsx'
import { RankProgress, type RankStanding } from './RankProgress.tsx'

const FITTER = { id: 2, name: 'Fitter', from: 600, needs: null, badge: 'anvil' as const }

const rank = (patch: Partial<RankStanding>): RankStanding => ({
  measure: 'hours',
  value: 300,
  held: null,
  next: FITTER,
  ...patch,
})

test.each([
  ['no rank yet, by hours', rank({}), 'No rank yet', '5 h more to Fitter'],
  ['no rank yet, by what was earned', rank({ measure: 'earned' }), 'No rank yet', '300 rivets more to Fitter'],
  ['the highest', rank({ held: FITTER, next: null }), 'Fitter', 'There is no higher rank.'],
])('%s says what is held and the way on', (_, standing, held, way) => {
  showPage(<RankProgress rank={standing} currency={RIVETS} />)
  expect(screen.getByText(held)).toBeDefined()
  expect(screen.getByText(way)).toBeDefined()
})
