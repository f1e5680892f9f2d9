import js from '@eslint/js';
import boundaries from 'eslint-plugin-boundaries';
import globals from 'globals';
import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

// app → areas (their index.ts only, by the entry-point rule), ui, api, core, lib; an area → ui, api, core, lib, never another
// area; ui, api, core → lib.
const edges = [
  { from: 'app', allow: ['app', 'ui', 'api', 'core', 'lib', 'area'] },
  { from: 'area', allow: ['ui', 'api', 'core', 'lib', ['area', { area: '${from.area}' }]] },
  { from: 'ui', allow: ['ui', 'lib'] },
  { from: 'api', allow: ['api', 'lib'] },
  { from: 'core', allow: ['core', 'lib'] },
  { from: 'lib', allow: ['lib'] },
];

export default tseslint.config(
  { ignores: ['public/build', 'public/core', 'vendor', 'node_modules', 'var'] },
  js.configs.recommended,
  ...tseslint.configs.strictTypeChecked,
  { languageOptions: { globals: globals.browser, parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } } },
  reactHooks.configs.flat.recommended,
  {
    rules: {
      'max-params': ['error', 7],
      '@typescript-eslint/no-confusing-void-expression': ['error', { ignoreArrowShorthand: true }],
    },
  },
  // One patience for all component tests, tests/Component/setup.ts: this one gives up after a second, whatever stands there.
  {
    files: ['tests/Component/**/*.{ts,tsx}'],
    rules: {
      'no-restricted-properties': [
        'error',
        { object: 'vi', property: 'waitFor', message: 'Take waitFor of @testing-library/react, which waits as long as all others.' },
      ],
    },
  },
  // A test is told from beginning to end, however long it gets.
  { files: ['resources/js/**/*.{ts,tsx}'], ignores: ['**/*.test.ts'], rules: { 'max-lines-per-function': ['error', 40] } },
  {
    files: ['resources/js/**/*.{ts,tsx}'],
    plugins: { boundaries },
    settings: {
      'boundaries/elements': [
        { type: 'app', pattern: 'resources/js/app', mode: 'folder' },
        { type: 'area', pattern: 'resources/js/areas/*', mode: 'folder', capture: ['area'] },
        { type: 'ui', pattern: 'resources/js/ui', mode: 'folder' },
        { type: 'api', pattern: 'resources/js/api', mode: 'folder' },
        { type: 'core', pattern: 'resources/js/core', mode: 'folder' },
        { type: 'lib', pattern: 'resources/js/lib', mode: 'folder' },
      ],
      'import/resolver': { './eslint-resolver.cjs': {} },
    },
    rules: {
      'boundaries/entry-point': [
        'error',
        {
          default: 'allow',
          rules: [
            { target: ['area'], disallow: '**' },
            { target: ['area'], allow: 'index.ts' },
          ],
        },
      ],
      'boundaries/element-types': ['error', { default: 'disallow', rules: edges }],
    },
  },
  {
    files: ['**/*.{js,cjs,mjs}'],
    ...tseslint.configs.disableTypeChecked,
    languageOptions: { globals: globals.node, parserOptions: { projectService: false } },
  },
);
