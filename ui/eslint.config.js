import { defineConfigWithVueTs, vueTsConfigs } from '@vue/eslint-config-typescript'
import skipFormatting from '@vue/eslint-config-prettier/skip-formatting'
import pluginVue from 'eslint-plugin-vue'
import pluginAccess from 'eslint-plugin-vuejs-accessibility'

// Linting with types takes a minute more, so only ./nest endure does it.
const withTypes = process.env.LINT_TYPES === '1'

export default defineConfigWithVueTs(
  { ignores: ['dist/**', 'target/**', 'src/api/schema.d.ts'] },
  pluginVue.configs['flat/recommended'],
  pluginAccess.configs['flat/recommended'],
  vueTsConfigs.recommended,
  {
    languageOptions: {
      parserOptions: {
        projectService: withTypes && { allowDefaultProject: ['eslint.config.js'] },
      },
    },
  },
  {
    rules: {
      'vue/multi-word-component-names': 'off',
      'vue/require-default-prop': 'off',
      // A label goes around its field, or names it.
      'vuejs-accessibility/label-has-for': [
        'error',
        { controlComponents: ['NumberInput'], required: { some: ['nesting', 'id'] } },
      ],
      'vuejs-accessibility/form-control-has-label': [
        'error',
        { controlComponents: ['NumberInput'] },
      ],
      '@typescript-eslint/no-explicit-any': 'error',
      // What goes wrong is said: an error has a name, and no promise is left alone.
      '@typescript-eslint/no-floating-promises': withTypes ? 'error' : 'off',
      'no-empty': ['error', { allowEmptyCatch: false }],
      'no-restricted-syntax': [
        'error',
        {
          selector: 'CatchClause[param=null]',
          message: 'Name the error, and say it or throw it on.',
        },
        {
          selector:
            "CallExpression[callee.property.name='catch'] > ArrowFunctionExpression[body.name='undefined']",
          message: 'Say what went wrong.',
        },
      ],
    },
  },
  skipFormatting,
)
