import js from '@eslint/js';
import vue from 'eslint-plugin-vue';
import ts from 'typescript-eslint';

/**
 * The rooms of the core in the order of the house (docs/architecture.md): a room imports from those
 * above it, never from one below.
 */
const ROOMS = [
  'units',
  'geometry',
  'anatomy',
  'piece',
  'workshop',
  'body',
  'posing',
  'surface',
  'lie',
  'measure',
  'stance',
  'fittings',
  'wire',
  'mass',
  'balance',
  'strength',
  'schemes',
  'bakes',
  'cure',
  'oven',
  'skin',
  'markings',
  'colour',
  'schedule',
  'bench',
  'start',
  'jobs',
  'sheets',
  'formats',
];

const NO_INTERFACE = {
  group: ['vue', 'pinia', 'naive-ui', 'node:*', '@keen-sinew/web', '**/web/**'],
  message: 'The core has no interface and no Node.',
};

const roomRules = ROOMS.map((room, i) => ({
  files: [`core/src/${room}/**/*.ts`],
  ignores: ['**/*.test.ts'],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: [
          ...ROOMS.slice(i + 1).map((name) => ({
            group: [`**/${name}/**`],
            message: `${room} stands above ${name} in the house (docs/architecture.md).`,
          })),
          {
            group: ['**/plan.ts'],
            message: 'The road runs through the rooms; none of them knows it. Types: planTypes.ts.',
          },
          NO_INTERFACE,
        ],
      },
    ],
  },
}));

export default ts.config(
  {
    ignores: [
      '**/dist/**',
      '**/node_modules/**',
      'test-results/**',
      'playwright-report/**',
      'coverage/**',
    ],
  },
  js.configs.recommended,
  ...ts.configs.strict,
  ...vue.configs['flat/recommended'],
  {
    files: ['**/*.vue'],
    languageOptions: { parserOptions: { parser: ts.parser } },
  },
  {
    rules: {
      'no-undef': 'off',
      eqeqeq: 'error',
      'no-console': 'error',
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/no-unused-vars': [
        'error',
        { varsIgnorePattern: '^_', argsIgnorePattern: '^_' },
      ],
      '@typescript-eslint/consistent-type-imports': 'error',
      'vue/max-attributes-per-line': 'off',
      'vue/singleline-html-element-content-newline': 'off',
      'vue/html-self-closing': 'off',
      'vue/html-indent': 'off',
      'vue/html-closing-bracket-newline': 'off',
      'vue/multi-word-component-names': 'off',
      'vue/multiline-html-element-content-newline': 'off',
    },
  },
  {
    // A longer function or file is split, or says at its head why it is one.
    files: ['**/src/**/*.{ts,vue}', 'scripts/**/*.ts'],
    ignores: ['**/*.test.ts', 'core/src/anatomy/animals/**'],
    rules: {
      'max-lines-per-function': ['error', { max: 60, skipBlankLines: true, skipComments: true }],
    },
  },
  {
    files: ['**/src/**/*.ts', 'scripts/**/*.ts'],
    ignores: ['core/src/anatomy/animals/**', '**/words.ts'],
    rules: { 'max-lines': ['error', { max: 250, skipBlankLines: true, skipComments: true }] },
  },
  {
    files: ['web/src/**/*.vue'],
    rules: { 'max-lines': ['error', { max: 200 }] },
  },
  {
    // Controls are the library's, through web/src/kit; by hand are only the bench pages, which are
    // read at arm's length, and the dotted rows of the ledger.
    files: ['web/src/**/*.vue'],
    ignores: ['web/src/bench/**', 'web/src/ledger/Working{Row,Cell}.vue'],
    rules: {
      'vue/no-restricted-html-elements': [
        'error',
        ...['button', 'input', 'select', 'textarea', 'table', 'details', 'progress', 'meter'].map(
          (element) => ({ element, message: 'Use a control of web/src/kit (CONTRIBUTING.md).' }),
        ),
      ],
    },
  },
  { files: ['scripts/**', 'server/**'], rules: { 'no-console': 'off' } },
  {
    files: ['core/src/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [NO_INTERFACE],
        },
      ],
      'no-restricted-globals': ['error', 'window', 'document', 'process', 'localStorage'],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'Random choices take a seed.' },
        { object: 'Date', property: 'now', message: 'The core knows no today.' },
      ],
    },
  },
  {
    // The tests beside them run in Node, so that the compiler knows its names here too.
    files: ['web/src/**/*.{ts,vue}'],
    ignores: ['**/*.test.ts', 'web/src/testing/**'],
    rules: {
      'no-restricted-imports': ['error', { patterns: ['node:*'] }],
      'no-restricted-globals': ['error', 'process', 'Buffer', 'global', '__dirname', 'require'],
    },
  },
  ...roomRules,
);
