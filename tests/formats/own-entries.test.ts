import { describe, expect, test } from '@jest/globals'
import { library } from '../../data'
import { methodDefaults, methodWith, toolLike } from '../../core/catalogue'
import { readWorkspace, writeWorkspace } from '../../core/formats'
import { emptyWorkspace } from '../helpers/workspaces'

const NONE = { operations: [], methods: [], tools: [], materials: [] }

describe('whatever can be made can be kept', () => {
  test('a tool like any of the library, with all it says, comes back from the file', () => {
    const tools = [...library.tools.values()].map((tool, i) =>
      toolLike(tool, `my/like-${i}`, `Like ${tool.name}`, {}, 50)
    )
    // Some at a time: a file takes only so many.
    for (let from = 0; from < tools.length; from += 50) {
      const some = tools.slice(from, from + 50)
      const workspace = emptyWorkspace({ own: { ...NONE, tools: some } })
      const read = readWorkspace(writeWorkspace(workspace), library)
      if (!read.ok) throw new Error(JSON.stringify(read.issues.slice(0, 3)))
      expect(read.value.workspace.own.tools).toEqual(some)
    }
  })
  test('a way of one’s own to do any operation, with any tool, comes back from the file', () => {
    const lead = library.tools.get('table-saw')
    const chisels = library.tools.get('chisels')
    if (!lead || !chisels) throw new Error('no saw or chisels')
    const methods = [...library.operations.keys()].flatMap((operation, i) =>
      [lead, chisels].map((tool) =>
        methodWith(methodDefaults(library, operation, tool), {
          id: `my/way-${tool.id}-${i}`,
          name: 'Mine',
          tools: [tool],
          setupMinutes: 1,
          runMinutes: 2,
          accuracyMm: 0.5
        })
      )
    )
    for (let from = 0; from < methods.length; from += 50) {
      const some = methods.slice(from, from + 50)
      const read = readWorkspace(
        writeWorkspace(emptyWorkspace({ own: { ...NONE, methods: some } })),
        library
      )
      if (!read.ok) throw new Error(JSON.stringify(read.issues.slice(0, 3)))
      expect(read.value.workspace.own.methods).toEqual(some)
    }
  })
})
