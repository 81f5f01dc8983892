import { said } from './language'

/** What someone’s own workspace is called until they call it otherwise. */
export const ownWorkspace = said('ownWorkspace', { name: 'My workshop' } as const)
