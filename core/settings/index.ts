export { settingsHandlers } from './handlers.ts'
export { type Home, homeSetting } from './home.ts'
export { readSetting, type Setting, type SettingRow, setting, settings, writeSetting } from './settings.ts'
export { isZone, zoneSetting } from './zone.ts'
