export const ownLines: import('eslint').Rule.RuleModule
