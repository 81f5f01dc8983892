import { demo } from './workspaces'
import { library } from '../../data'
import { pathText, readWorkspace } from '../../core/formats'

export const text = (change: object): string => JSON.stringify({ ...demo('hive-yard'), ...change })
export const refusals = (raw: string): { code: string; path: string; line: unknown }[] => {
  const read = readWorkspace(raw, library)
  return read.ok
    ? []
    : read.issues.map(({ code, path, figures }) => ({
        code,
        path: pathText(path),
        line: figures.line
      }))
}
