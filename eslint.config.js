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
  // Plain JavaScript here is configuration and scripts of Node; TypeScript finds undefined names in the rest.
  {
    files: ['**/*.{js,mjs,cjs}'],
    rules: { 'no-undef': 'off', '@typescript-eslint/no-require-imports': 'off' },
  },
);
