import { library } from '../../data'

export const tools = [...library.tools.values()]
