import { said } from './language'

/** Words of the dialogs for entries of one's own. */
export const own = said('own', {
  toolTitle: 'A tool of my own',
  methodTitle: 'A way of my own to do something',
  name: 'What you call it',
  like: 'It works like',
  likeHint:
    'It takes over what that tool does, what it needs beside it and the cautions. Change the measures where yours differ.',
  price: 'What one costs',
  operation: 'What it does',
  tools: 'With which tools, the leading one first',
  setup: 'Set-up, min',
  run: 'For each unit, min',
  error: 'Exact to, mm',
  methodHint:
    'Hazard, noise and dust are taken from the library’s ways with the leading tool; follow the tool’s manual and your local rules.',
  add: 'Add it'
} as const)
