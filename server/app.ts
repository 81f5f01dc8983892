import { randomBytes } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import compression from 'compression'
import express, { type Express, type NextFunction, type Request, type Response } from 'express'
import packed from 'express-static-gzip'
import helmet from 'helmet'
import { sendBoard } from './board'

const PLACEHOLDER = '__CSP_NONCE__'
/** Powers of the browser that the application has no use for. */
const UNUSED = [
  'accelerometer',
  'camera',
  'display-capture',
  'geolocation',
  'gyroscope',
  'magnetometer',
  'microphone',
  'midi',
  'payment',
  'usb'
]
const YEAR_SECONDS = 31_536_000

/** Nothing from elsewhere, nothing inline but what carries the page's nonce. */
const POLICY = {
  useDefaults: false,
  directives: {
    defaultSrc: ["'none'"],
    scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
    styleSrcElem: [
      "'self'",
      (_request: unknown, response: unknown) =>
        `'nonce-${String((response as Response).locals.nonce)}'`
    ],
    styleSrcAttr: ["'none'"],
    fontSrc: ["'self'"],
    imgSrc: ["'self'", 'data:', 'blob:'],
    connectSrc: ["'self'"],
    workerSrc: ["'self'"],
    manifestSrc: ["'self'"],
    baseUri: ["'none'"],
    formAction: ["'self'"],
    frameAncestors: ["'none'"],
    objectSrc: ["'none'"]
  }
}

/** Files that were packed when the application was built are sent as they lie there. */
const PACKED = { enableBrotli: true, orderPreference: ['br', 'gz'], index: false }

/** Says what cannot be answered. Four parameters tell Express that this one hears of errors. */
function sayError(
  error: { status?: number },
  _request: Request,
  response: Response,
  _next: NextFunction
): void {
  const status = error.status ?? 500
  response
    .status(status)
    .type('text/plain')
    .send(
      status === 416
        ? 'The file has no such part. Ask for all of it.'
        : 'This request cannot be answered. The application is at the start page.'
    )
}

/** Serves the built application with a strict content security policy and a fresh nonce for every page. */
export function createApp(dist: string): Express {
  const page = readFileSync(join(dist, 'index.html'), 'utf8')
  const app = express()
  app.disable('x-powered-by')
  app.use((_request, response, next) => {
    response.locals.nonce = randomBytes(16).toString('base64')
    next()
  })
  app.use(
    helmet({
      contentSecurityPolicy: POLICY,
      referrerPolicy: { policy: 'no-referrer' },
      strictTransportSecurity: false
    })
  )
  app.use((_request, response, next) => {
    response.set('Permissions-Policy', UNUSED.map((feature) => `${feature}=()`).join(', '))
    next()
  })
  app.use(compression())
  app.get(['/', '/index.html'], (_request, response) => {
    response
      .set('Cache-Control', 'no-store')
      .type('html')
      .send(page.replaceAll(PLACEHOLDER, String(response.locals.nonce)))
  })
  // A service worker that is kept too long keeps everything else too long as well.
  app.get(['/sw.js', '/manifest.webmanifest'], (_request, response, next) => {
    response.set('Cache-Control', 'no-cache')
    next()
  })
  app.get(['/board/feed.json', '/board/feed.csv'], sendBoard)
  // An address that cannot be read is answered here, in our own words.
  app.use((request, _response, next) => {
    try {
      decodeURIComponent(request.path)
      next()
    } catch {
      next({ status: 400 })
    }
  })
  app.use(
    '/assets',
    packed(join(dist, 'assets'), {
      ...PACKED,
      serveStatic: { immutable: true, maxAge: YEAR_SECONDS * 1000 }
    })
  )
  app.use(packed(dist, PACKED))
  app.use((_request, response) => {
    response
      .status(404)
      .type('text/plain')
      .send('There is nothing at this address. The application is at the start page.')
  })
  app.use(sayError)
  return app
}
