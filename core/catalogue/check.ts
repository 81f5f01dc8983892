import { issue, type Issue } from '../kernel'
import type { Library } from './library'

const duplicates = (list: readonly { readonly id: string }[], kind: string): Issue[] => {
  const seen = new Set<string>()
  const found: Issue[] = []
  for (const { id } of list) {
    if (seen.has(id)) found.push(issue('library.duplicate', [kind, id], { id }))
    seen.add(id)
  }
  return found
}

/**
 * Referential checks of a library: every id that is referred to exists, ids are unique, every role has a tool that can play it,
 * every tool is used by some method, or gives protection, or is another tool's companion, or stores things; every shop-made tool
 * is yielded by the jig it names. Codes: `library.duplicate`, `library.unknown`, `library.unused`, `library.empty-role`, `library.jig`,
 * `library.circle` (two operations that clean up after each other).
 */
export function checkLibrary(library: Library): Issue[] {
  const { data } = library
  const found: Issue[] = [
    ...duplicates(data.operations, 'operations'),
    ...duplicates(data.methods, 'methods'),
    ...duplicates(data.tools, 'tools'),
    ...duplicates(data.templates, 'templates'),
    ...duplicates(data.materials, 'materials')
  ]
  const unknown = (
    known: ReadonlyMap<string, unknown>,
    id: string,
    ...path: (string | number)[]
  ): void => {
    if (!known.has(id)) found.push(issue('library.unknown', path, { id }))
  }
  const roles = new Set(data.methods.flatMap((method) => method.roles.map(({ role }) => role)))
  const companions = new Set(
    data.tools.flatMap((tool) => tool.companions.flatMap(({ anyOf }) => anyOf))
  )
  for (const operation of data.operations) {
    const after = operation.cleanUp && library.operations.get(operation.cleanUp.operation)
    if (operation.cleanUp)
      unknown(
        library.operations,
        operation.cleanUp.operation,
        'operations',
        operation.id,
        'cleanUp'
      )
    if (after?.cleanUp?.operation === operation.id)
      found.push(
        issue('library.circle', ['operations', operation.id, 'cleanUp'], {
          id: operation.id,
          other: after.id
        })
      )
  }
  for (const method of data.methods) {
    unknown(library.operations, method.operation, 'methods', method.id, 'operation')
    for (const { role } of method.roles)
      if (!library.toolsFor.has(role))
        found.push(issue('library.empty-role', ['methods', method.id, 'roles'], { role }))
  }
  for (const tool of data.tools) {
    for (const { anyOf, operation } of tool.companions) {
      for (const id of anyOf) unknown(library.tools, id, 'tools', tool.id, 'companions')
      if (operation !== undefined)
        unknown(library.operations, operation, 'tools', tool.id, 'companions')
    }
    if (tool.madeBy !== undefined) {
      unknown(library.templates, tool.madeBy, 'tools', tool.id, 'madeBy')
      if (library.templates.get(tool.madeBy)?.yields !== tool.id)
        found.push(issue('library.jig', ['tools', tool.id], { template: tool.madeBy }))
    }
    const used = tool.roles.some((role) => roles.has(role)) || companions.has(tool.id)
    if (!used && tool.kind !== 'protection' && tool.kind !== 'storage')
      found.push(issue('library.unused', ['tools', tool.id], { id: tool.id }))
  }
  for (const template of data.templates) {
    for (const step of template.steps)
      unknown(library.operations, step.operation, 'templates', template.id, 'steps', step.id)
    for (const line of template.materials)
      unknown(library.materials, line.material, 'templates', template.id, 'materials')
    if (template.yields !== undefined)
      unknown(library.tools, template.yields, 'templates', template.id, 'yields')
    found.push(...duplicates(template.steps, `templates/${template.id}`))
  }
  return found
}
