import { specsOf, type Tier, type Tool } from '../../core/catalogue'
import { makeKit, type Kit } from '../../core/fit'
import { library } from '../../data'

export const tools = [...library.tools.values()]

/** Eight of each of some tools, new, in their first form. */
export const kitOfTools = (some: readonly Tool[], tier: Tier = 'weekend'): Kit =>
  makeKit(
    some.map((tool) => ({
      tool,
      tier,
      condition: 'new',
      power: tool.forms[0]?.power ?? 'hand',
      specs: specsOf(tool, tier),
      count: 8
    }))
  )
