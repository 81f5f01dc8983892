import 'fake-indexeddb/auto'
import { emptyWorkspace } from './workspaces'

export const workspace = emptyWorkspace({ name: 'Mine' })
