/** One shape for all code: 100 columns, no semicolons. `npm run format` writes it, lint checks it. */
export default {
  printWidth: 100,
  semi: false,
  singleQuote: true,
  quoteProps: 'consistent',
  arrowParens: 'avoid',
  trailingComma: 'all',
  vueIndentScriptAndStyle: false,
  htmlWhitespaceSensitivity: 'css',
}
