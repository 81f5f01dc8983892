import { said } from './language'

const words = said('whatIs', { asks: (name: string): string => `What is this: ${name}` })
/** What a name that has a card is asked by. */
export const whatIs = (name: string): string => words.asks(name)
