import { existsSync } from 'node:fs'
import { join } from 'node:path'
import { createApp } from './app'

const DEFAULT_PORT = 4173

/** The port to listen on: `PORT`, or 4173. */
export function portFrom(text: string | undefined): number | undefined {
  if (text === undefined || text === '') return DEFAULT_PORT
  const port = text.trim() === '' ? Number.NaN : Number(text)
  return Number.isInteger(port) && port >= 0 && port <= 65_535 ? port : undefined
}

function main(): void {
  const port = portFrom(process.env.PORT)
  if (port === undefined) {
    console.error(
      `PORT is “${process.env.PORT}”, which is not a port. Use a whole number from 1 to 65535.`
    )
    process.exitCode = 1
    return
  }
  const dist = process.env.DIST ?? join(import.meta.dirname, '..', 'dist')
  if (!existsSync(join(dist, 'index.html'))) {
    console.error(
      'Nothing has been built yet, so there is nothing to serve. npm start builds first, then serves.'
    )
    process.exitCode = 1
    return
  }
  // This machine alone, unless told otherwise: HOST=0.0.0.0 for all of a network.
  const server = createApp(dist).listen(
    port,
    process.env.HOST || 'localhost',
    (error?: NodeJS.ErrnoException) => {
      if (!error)
        console.log(
          `Frugal Ledger is at http://localhost:${(server.address() as { port: number }).port}`
        )
      else {
        console.error(
          error.code === 'EADDRINUSE'
            ? `Port ${port} is taken by another program. Stop that, or choose another: PORT=4174 npm start`
            : `The server could not start (${error.code ?? error.message}).`
        )
        process.exitCode = 1
      }
    }
  )
}

main()
