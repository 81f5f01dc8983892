/** How far somebody is with a family. */
export const LEVELS = ['new', 'practised', 'home'] as const
export type Level = (typeof LEVELS)[number]
