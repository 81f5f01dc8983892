/** The browser of tests, pictures and measurements. */
export const CHROMIUM = '/usr/bin/chromium'
/** It runs without a sandbox in a container, and asks nothing of the network by itself. */
export const FLAGS = [
  '--no-sandbox',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync'
]
