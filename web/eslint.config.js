import svelte from 'eslint-plugin-svelte';
import ts from 'typescript-eslint';

export default ts.config(
  { ignores: ['openapi', 'src/lib/api/schema.d.ts'] },
  ...ts.configs.recommended,
  ...svelte.configs['flat/recommended'],
  { files: ['**/*.svelte', '**/*.svelte.ts'], languageOptions: { parserOptions: { parser: ts.parser } } },
  {
    rules: {
      'no-undef': 'off',
      '@typescript-eslint/no-explicit-any': 'error',
      // Routes are hash routes of svelte-spa-router, not of a kit.
      'svelte/no-navigation-without-resolve': 'off',
    },
  },
);
