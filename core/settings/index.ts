export { settingsHandlers } from './handlers.ts'
export { type ChangeHome, changeHome, type Home, homeSetting } from './home.ts'
export { readSetting, type Setting, type SettingRow, settings, writeSetting } from './settings.ts'
export { isZone, zoneSetting } from './zone.ts'
