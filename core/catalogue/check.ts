import { issue, type Issue, type Path } from '../kernel'
import type { Library } from './library'
import type { Method, Operation } from './method-types'
import type { LibraryData, Template, Tool } from './types'

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
  return [
    ...duplicates(data.operations, 'operations'),
    ...duplicates(data.methods, 'methods'),
    ...duplicates(data.tools, 'tools'),
    ...duplicates(data.templates, 'templates'),
    ...duplicates(data.materials, 'materials'),
    ...data.operations.flatMap((operation) => operationProblems(library, operation)),
    ...data.methods.flatMap((method) => methodProblems(library, method)),
    ...data.tools.flatMap((tool) => toolProblems(library, tool)),
    ...unusedTools(data),
    ...data.templates.flatMap((template) => templateProblems(library, template))
  ]
}

/** A finding where an id leads nowhere. */
const unknown = (
  known: ReadonlyMap<string, unknown>,
  id: string | undefined,
  path: Path
): Issue[] => (id === undefined || known.has(id) ? [] : [issue('library.unknown', path, { id })])

function operationProblems(library: Library, { id, cleanUp }: Operation): Issue[] {
  const path = ['operations', id, 'cleanUp']
  const after = cleanUp && library.operations.get(cleanUp.operation)
  return [
    ...unknown(library.operations, cleanUp?.operation, path),
    ...(after?.cleanUp?.operation === id
      ? [issue('library.circle', path, { id, other: after.id })]
      : [])
  ]
}
const methodProblems = (
  library: Library,
  { id, operation, roles, parts = [] }: Method
): Issue[] => [
  ...parts.flatMap((part) => [
    ...unknown(library.operations, part.operation, ['methods', id, 'parts']),
    ...(part.operation === operation
      ? [issue('library.circle', ['methods', id, 'parts'], { id, other: operation })]
      : [])
  ]),
  ...unknown(library.operations, operation, ['methods', id, 'operation']),
  ...roles.flatMap(({ role }) =>
    library.toolsFor.has(role)
      ? []
      : [issue('library.empty-role', ['methods', id, 'roles'], { role })]
  )
]
function toolProblems(library: Library, { id, companions, madeBy }: Tool): Issue[] {
  const path = ['tools', id, 'companions']
  const jig = madeBy !== undefined && library.templates.get(madeBy)?.yields !== id
  return [
    ...companions.flatMap(({ anyOf, operation }) => [
      ...anyOf.flatMap((one) => unknown(library.tools, one, path)),
      ...unknown(library.operations, operation, path)
    ]),
    ...unknown(library.templates, madeBy, ['tools', id, 'madeBy']),
    ...(jig ? [issue('library.jig', ['tools', id], { template: madeBy })] : [])
  ]
}
/** Tools that no method asks for, that go with no other, protect from nothing and store nothing. */
function unusedTools({ methods, tools }: LibraryData): Issue[] {
  const roles = new Set(methods.flatMap((method) => method.roles.map(({ role }) => role)))
  const beside = new Set(
    tools.flatMap(({ companions }) => companions.flatMap(({ anyOf }) => anyOf))
  )
  return tools
    .filter(({ kind }) => kind !== 'protection' && kind !== 'storage')
    .filter((tool) => !beside.has(tool.id) && !tool.roles.some((role) => roles.has(role)))
    .map(({ id }) => issue('library.unused', ['tools', id], { id }))
}
function templateProblems(library: Library, template: Template): Issue[] {
  const path = ['templates', template.id]
  return [
    ...template.steps.flatMap(({ id, operation }) =>
      unknown(library.operations, operation, [...path, 'steps', id])
    ),
    ...template.materials.flatMap(({ material }) =>
      unknown(library.materials, material, [...path, 'materials'])
    ),
    ...unknown(library.tools, template.yields, [...path, 'yields']),
    ...duplicates(template.steps, `templates/${template.id}`)
  ]
}
