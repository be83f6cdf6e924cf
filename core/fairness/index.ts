export { Chance, commitmentOf, digestOf, sealOf, shortCommitment } from './chance.ts'
export { derivedSeed, ownSeed, type SeedOrigin } from './ownSeed.ts'
export { type ChangeSeed, chanceFor, openNextSeed, seedSetting, seeds } from './seeds.ts'
