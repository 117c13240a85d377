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
  { files: ['web/**/*.{ts,tsx}'], plugins: { 'react-hooks': hooks }, rules: hooks.configs.recommended.rules },
  {
    files: ['**/*.mjs', '**/*.cjs', 'scripts/**', '*.config.*'],
    languageOptions: { globals: { process: 'readonly', console: 'readonly', module: 'readonly', URL: 'readonly', setTimeout: 'readonly', fetch: 'readonly', performance: 'readonly' } },
  },
);
