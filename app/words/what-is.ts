/** What a name that has a card is asked by. */
export const whatIs = (name: string): string => `What is this: ${name}`
