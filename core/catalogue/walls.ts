export const WALLS = ['frame', 'masonry'] as const
/** What a wall is: boards on a timber frame, or brick, block and concrete. */
export type Wall = (typeof WALLS)[number]
