export { Chance, commitmentOf, digestOf } from './chance.ts'
export { type ChangeSeed, chanceFor, changeSeed, type OpenSeed, seedSetting, seeds } from './seeds.ts'
