/** What stands in a text for a code that one person alone may see. */
export const CODE_HERE = '{code}'
