import js from '@eslint/js'
import globals from 'globals'
import vue from 'eslint-plugin-vue'
import ts from 'typescript-eslint'
import vueParser from 'vue-eslint-parser'

const forbidden = (names, message) => ({
  'no-restricted-globals': ['error', ...names.map(name => ({ name, message }))],
})

export default ts.config(
  {
    ignores: [
      '.nuxt',
      '.output',
      'node_modules',
      'core/node_modules',
      'test-results',
      'playwright-report',
    ],
  },
  js.configs.recommended,
  ...ts.configs.recommended,
  ...vue.configs['flat/essential'],
  {
    files: ['**/*.vue'],
    languageOptions: { parser: vueParser, parserOptions: { parser: ts.parser } },
  },
  {
    languageOptions: { globals: { ...globals.browser, ...globals.node } },
    rules: {
      'no-undef': 'off',
      'vue/multi-word-component-names': 'off',
      // The checkers of types say it (noUnusedLocals), and have read everything anyhow.
      '@typescript-eslint/no-unused-vars': 'off',
      '@typescript-eslint/no-explicit-any': 'error',
      'eqeqeq': 'error',
      'prefer-const': 'error',
      'max-lines': ['error', { max: 500, skipBlankLines: true, skipComments: true }],
      'complexity': ['error', 15],
      'no-nested-ternary': 'error',
    },
  },
  {
    files: ['core/**/*.ts', 'demo/**/*.ts'],
    rules: {
      ...forbidden(
        [
          'window',
          'document',
          'localStorage',
          'navigator',
          'process',
          'crypto',
          'fetch',
          'setTimeout',
          'setInterval',
          'performance',
        ],
        'core is pure: pass it in',
      ),
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'chance is an argument: math/random.ts' },
        { object: 'Date', property: 'now', message: 'time is an argument' },
      ],
      'no-restricted-syntax': [
        'error',
        {
          selector: 'NewExpression[callee.name="Date"][arguments.length=0]',
          message: 'time is an argument',
        },
      ],
    },
  },
  {
    files: ['server/**/*.ts'],
    languageOptions: { globals: { defineEventHandler: 'readonly', createError: 'readonly' } },
  },
)
