import stylelint from 'stylelint'

/** Visitors' styles are served as they are written: each rule stands on a line of its own, and nothing is laid out for show. */
const ONE_LINE = 'venue/one-rule-a-line'
const oneRuleALine = stylelint.createPlugin(ONE_LINE, () => (root, result) => {
  root.walkRules((rule) => {
    const { start, end } = rule.source
    const before = rule.prev()?.source.end.line
    if (start.line === end.line && before !== start.line) return
    stylelint.utils.report({ ruleName: ONE_LINE, result, node: rule, message: 'A rule stands on a line of its own.' })
  })
})

export default {
  extends: 'stylelint-config-recommended',
  plugins: [oneRuleALine],
  rules: {
    'no-descending-specificity': null,
    'selector-pseudo-class-no-unknown': [true, { ignorePseudoClasses: ['deep', 'slotted', 'global'] }],
  },
  overrides: [
    { files: ['**/*.vue'], customSyntax: 'postcss-html' },
    { files: ['../core/**/*.css'], rules: { [ONE_LINE]: true } },
  ],
}
