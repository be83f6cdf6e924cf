/** How many minor units make one of a currency, as powers of ten: 2 for EUR, 0 for JPY, 3 for KWD. */
export function minorDigits(currency: string): number {
  const { maximumFractionDigits = 2 } = new Intl.NumberFormat('en', { style: 'currency', currency }).resolvedOptions()
  return maximumFractionDigits
}

/** "€7.50", "¥500". @param minorUnits - As many as the currency has them. */
export const moneyInWords = (minorUnits: number, currency: string): string =>
  new Intl.NumberFormat('en', { style: 'currency', currency }).format(minorUnits / 10 ** minorDigits(currency))

/** An amount as a plain number with the currency's places: "7.50", "500". */
export const moneyPlain = (minorUnits: number, currency: string): string => {
  const places = minorDigits(currency)
  return (minorUnits / 10 ** places).toFixed(places)
}
