/**
 * Of what Chromium does beside showing pages. The pop-ups of its address line, which nobody sees here, are pages of their
 * own in every window and cost more than ours do. Naming any takes Playwright's own list away, so those of it that
 * concern us are here, too.
 */
const LEFT_OUT = [
  'WebUIOmniboxPopup',
  'WebUIOmniboxAimPopup',
  'AimEnabled',
  'AvoidUnnecessaryBeforeUnloadCheckSync',
  'DestroyProfileOnBrowserClose',
  'HttpsFirstBalancedModeAutoEnable',
  'HttpsUpgrades',
  'LensOverlay',
  'MediaRouter',
  'NetworkTimeServiceQuerying',
  'OptimizationHints',
  'PaintHolding',
  'PreconnectToSearch',
  'ThirdPartyStoragePartitioning',
]

/** How Debian's Chromium is started for tests and measurements: as root, without a network outside. */
export const CHROMIUM = {
  executablePath: '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    '--no-first-run',
    `--disable-features=${LEFT_OUT.join(',')}`,
  ],
}
