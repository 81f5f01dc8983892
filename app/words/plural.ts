/** So many of something: "1 tool", "3 tools". */
export const plural = (count: number, one: string, many: string): string =>
  `${count} ${count === 1 ? one : many}`

export const upperFirst = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)
