/**
 * How long a function is by itself. A function that has a name of its own inside another (a store's actions, the methods of what a
 * factory makes) is read by that name and measured there; a nameless one is part of the function it stands in.
 */
const isNamed = ({ type, parent }) =>
  type === 'FunctionDeclaration' ||
  (parent.type === 'VariableDeclarator' && parent.init !== null) ||
  (parent.type === 'Property' &&
    parent.value !== null &&
    parent.parent.type === 'ObjectExpression') ||
  parent.type === 'MethodDefinition'
const linesOf = ({ loc }) => loc.end.line - loc.start.line + 1

export const ownLines = {
  meta: {
    type: 'suggestion',
    schema: [{ type: 'object', properties: { max: { type: 'integer', minimum: 1 } } }],
    messages: {
      long: 'A function has {{lines}} lines of its own; {{max}} are the most. Split it by meaning.'
    }
  },
  create(context) {
    const [{ max } = { max: 60 }] = context.options
    /** For each function that is being walked, the lines of named ones inside it. */
    const inside = []
    const leave = (node) => {
      const within = inside.pop() ?? 0
      const lines = linesOf(node)
      const named = isNamed(node)
      if (inside.length > 0) inside[inside.length - 1] += named ? lines : within
      if (lines - within > max)
        context.report({ node, messageId: 'long', data: { lines: lines - within, max } })
    }
    const enter = () => inside.push(0)
    return {
      FunctionDeclaration: enter,
      'FunctionDeclaration:exit': leave,
      FunctionExpression: enter,
      'FunctionExpression:exit': leave,
      ArrowFunctionExpression: enter,
      'ArrowFunctionExpression:exit': leave
    }
  }
}
