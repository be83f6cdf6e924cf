export { Chance, commitmentOf, digestOf } from './chance.ts'
export { derivedSeed, ownSeed, type SeedOrigin } from './ownSeed.ts'
export { type ChangeSeed, chanceFor, changeSeed, seedSetting, seeds } from './seeds.ts'
