import js from '@eslint/js';
import globals from 'globals';

export default [
    {
        ignores: [
            'public/',
            'vendor/',
            'node_modules/',
            'storage/',
            'resources/js/workshop/editor/fields-table.js',
            'resources/js/lib/palette.js',
        ],
    },
    js.configs.recommended,
    {
        files: ['resources/js/**/*.js'],
        languageOptions: { ecmaVersion: 2024, sourceType: 'module', globals: globals.browser },
    },
    {
        files: ['tests/**/*.js', 'tools/**/*.js', '*.config.js'],
        languageOptions: { ecmaVersion: 2024, sourceType: 'module', globals: globals.node },
    },
    {
        rules: {
            'no-var': 'error',
            'prefer-const': ['error', { destructuring: 'all' }],
            eqeqeq: ['error', 'always'],
            'no-unused-vars': [
                'error',
                {
                    argsIgnorePattern: '^_',
                    varsIgnorePattern: '^_',
                    caughtErrors: 'none',
                    ignoreRestSiblings: true,
                    args: 'after-used',
                },
            ],
            'no-shadow-restricted-names': 'error',
        },
    },
];
