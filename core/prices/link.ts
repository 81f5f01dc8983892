import { issue, ok, refused, type Result } from '../kernel'

/** Longest address kept, characters. */
const LONGEST = 2000

/** An address of the web as it is typed or kept: http or https, without spaces or quotes. Code `link.only-web` for anything else, scripts and files among them. */
export function checkLink(text: string): Result<string> {
  const link = text.trim()
  const parsed =
    /^https?:\/\/[^\s<>"]+$/i.test(link) && link.length <= LONGEST && URL.canParse(link)
      ? new URL(link)
      : undefined
  return parsed &&
    (parsed.protocol === 'https:' || parsed.protocol === 'http:') &&
    parsed.hostname !== ''
    ? ok(link)
    : refused(issue('link.only-web'))
}
