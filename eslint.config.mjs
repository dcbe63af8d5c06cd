import js from '@eslint/js';
import vue from 'eslint-plugin-vue';
import ts from 'typescript-eslint';

/** The road: a stage may import from the rooms before it and from the open ones, never after. */
const OPEN = ['units', 'geometry', 'anatomy', 'piece', 'body', 'posing'];
const ROAD = [
  'measure',
  'stance',
  'wire',
  'mass',
  'balance',
  'strength',
  'schemes',
  'cure',
  'skin',
  'colour',
  'bench',
  'sheets',
];

const stageRules = [
  ...OPEN.map((room) => [room, ROAD]),
  ...ROAD.map((room, i) => [room, ROAD.slice(i + 1)]),
].map(([room, forbidden]) => ({
  files: [`core/src/${room}/**/*.ts`],
  ignores: ['**/*.test.ts'],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: [
          ...forbidden.map((name) => ({
            group: [`**/${name}/**`],
            message: `${room} stands before ${name} on the road (docs/architecture.md).`,
          })),
          {
            group: ['vue', 'pinia', 'naive-ui', 'node:*', '@keen-sinew/web', '**/web/**'],
            message: 'The core has no interface and no Node.',
          },
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
  { files: ['scripts/**', 'server/**'], rules: { 'no-console': 'off' } },
  {
    files: ['core/src/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              group: ['vue', 'pinia', 'naive-ui', 'node:*'],
              message: 'The core has no interface and no Node.',
            },
          ],
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
  ...stageRules,
);
