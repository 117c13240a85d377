import js from '@eslint/js';
import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  { ignores: ['**/dist/**', 'web/public/**', '.reports/**'] },
  js.configs.recommended,
  ...tseslint.configs.strict,
  {
    rules: {
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      eqeqeq: 'error',
      'max-lines': ['error', { max: 400, skipBlankLines: true }],
      complexity: ['error', 16],
    },
  },
  // Core reads like a data sheet: short functions, short files; catalogues and tests are lists.
  {
    files: ['core/src/**/*.ts', 'server/src/**/*.ts', 'scripts/*.ts'],
    ignores: ['**/*.test.ts', 'core/src/*/catalogue/**', 'core/src/testing/**'],
    rules: {
      'max-lines-per-function': ['error', { max: 60, skipBlankLines: true, skipComments: true }],
      'max-lines': ['error', { max: 300, skipBlankLines: true, skipComments: true }],
    },
  },
  { files: ['web/**/*.{ts,tsx}'], plugins: { 'react-hooks': hooks }, rules: hooks.configs.recommended.rules },
  // What is shown of a unit was frozen with it: its screens never plan anew.
  {
    files: [
      'web/src/places/{make,print,log,prove}/**/*.{ts,tsx}',
      'web/src/places/lead/prove/**/*.{ts,tsx}',
      'web/src/drawing/**/*.{ts,tsx}',
      'core/src/{unit,stock,instrument}/**/*.ts',
    ],
    ignores: ['**/*.test.{ts,tsx}'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            { group: ['**/plan/lead-plan.ts'], importNames: ['planLead'], message: 'Read the frozen plan.' },
          ],
        },
      ],
    },
  },
  // A figure with a meaning is a rule of the trade and has its name and source in core.
  {
    files: ['web/src/places/**/*.{ts,tsx}'],
    ignores: ['**/*.test.{ts,tsx}'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector:
            'BinaryExpression[operator=/^[-+*/%]|\\*\\*$/] > Literal[raw=/^(?!(?:0|1|2|100|1000)$)[0-9.]/]',
          message: 'No arithmetic with a literal figure here: name it in core, or draw it in drawing.',
        },
      ],
    },
  },
  // Plain JavaScript here is configuration and scripts of Node; TypeScript finds undefined names in the rest.
  {
    files: ['**/*.{js,mjs,cjs}'],
    rules: { 'no-undef': 'off', '@typescript-eslint/no-require-imports': 'off' },
  },
);
