export { Chance, commitmentOf, digestOf } from './chance.ts'
export { ownSeed, roundSeedOf } from './roundSeed.ts'
export { type ChangeSeed, chanceFor, changeSeed, type OpenSeed, seedSetting, seeds } from './seeds.ts'
