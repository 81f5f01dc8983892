import {
  withNames,
  withOwn,
  withSizes,
  withSkill,
  withoutSkill,
  withoutUnworn,
  type Library
} from '../catalogue'
import { learningOf } from './learning'
import { paceUsed } from './pace'
import type { Workspace } from './types'

/** The library as it is for one person: with entries of their own, in their trade's names and units, for their hands and their pace, and without protection they do not wear. */
export function libraryOf(workspace: Workspace, base: Library): Library {
  const { units, names = 'plain', levels = {} } = workspace.preferences
  const named = withoutUnworn(
    withSizes(withNames(withOwn(withoutSkill(base), workspace.own), names), units),
    workspace.workshop.unworn
  )
  return withSkill(named, levels, learningOf(workspace, named), paceUsed(workspace))
}
