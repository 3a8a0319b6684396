import js from '@eslint/js';
import globals from 'globals';

export default [
    js.configs.recommended,
    { languageOptions: { globals: globals.browser }, rules: { eqeqeq: 'error', 'no-var': 'error', 'prefer-const': ['error', { destructuring: 'all' }] } },
    { files: ['resources/js/worker.js'], languageOptions: { sourceType: 'script', globals: globals.serviceworker } },
    { files: ['tests/Scripts/*.js', '*.config.js'], languageOptions: { globals: globals.node } },
];
