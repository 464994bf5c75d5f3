import prettier from 'eslint-config-prettier';
import vue from 'eslint-plugin-vue';
import ts from 'typescript-eslint';

export default ts.config(
    { ignores: ['frontend/src/api/generated.d.ts'] },
    ...ts.configs.recommended,
    ...vue.configs['flat/recommended'],
    prettier,
    {
        files: ['**/*.vue'],
        languageOptions: { parserOptions: { parser: ts.parser } },
    },
    {
        rules: {
            '@typescript-eslint/no-explicit-any': 'error',
            'no-undef': 'off',
            'vue/require-default-prop': 'off',
        },
    },
);
