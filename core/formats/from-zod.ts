import type { z } from 'zod'
import { checkDay } from '../calendar'
import { issue, issueNamed, type Code, type Issue, type Path } from '../kernel'

/** The code a check of ours has put in the place of the library's own sentence; `otherwise` where there is none. */
const codeIn = (message: string, otherwise: Code): Code =>
  /^[a-z-]+\.[a-z.-]+$/.test(message) ? (message as Code) : otherwise

type Problem = z.core.$ZodIssue
/** One problem, its code as ours or `field.type`, with what was expected. */
const mistyped = ({ message }: Problem, path: Path, figures: Issue['figures']): Issue[] => [
  issueNamed(codeIn(message, 'field.type'), path, figures)
]

/** Something too large or too small: a number, a text, or a list. */
function beyond(problem: z.core.$ZodIssueTooBig | z.core.$ZodIssueTooSmall, path: Path): Issue[] {
  if (problem.code === 'too_small')
    return [
      issueNamed(codeIn(problem.message, 'number.too-small'), path, {
        limit: Number(problem.minimum)
      })
    ]
  const otherwise = problem.origin === 'array' ? 'list.too-long' : 'number.too-large'
  return [issueNamed(codeIn(problem.message, otherwise), path, { limit: Number(problem.maximum) })]
}
/** A text of the wrong form; what is wrong with a day, the calendar says best. */
function misformed(problem: z.core.$ZodIssueInvalidStringFormat, path: Path): Issue[] {
  if (problem.message.startsWith('day.') && typeof problem.input === 'string') {
    const day = checkDay(problem.input, path)
    if (!day.ok) return [...day.issues]
  }
  return mistyped(problem, path, {
    expected: problem.code,
    text: String(problem.input).slice(0, 60)
  })
}

function ours(problem: Problem): Issue[] {
  const path = problem.path.map((part) => (typeof part === 'number' ? part : String(part)))
  switch (problem.code) {
    case 'unrecognized_keys':
      return problem.keys.map((key) => issue('field.unknown', [...path, key], { field: key }))
    case 'invalid_type':
      return problem.input === undefined
        ? [issue('field.missing', path, { expected: problem.expected })]
        : mistyped(problem, path, { expected: problem.expected })
    case 'invalid_value':
      return [issue('field.choice', path, { choices: problem.values.map(String).join(', ') })]
    case 'custom':
      return mistyped(problem, path, (problem.params ?? {}) as Issue['figures'])
    case 'too_big':
    case 'too_small':
      return beyond(problem, path)
    case 'invalid_union':
      return [issue('field.choice', path, { choices: 'none, weekly, fortnightly, monthly, list' })]
    case 'invalid_format':
      return misformed(problem, path)
    case 'not_multiple_of':
      return mistyped(problem, path, { expected: problem.code, value: String(problem.input) })
    case 'invalid_key':
    case 'invalid_element':
      return mistyped(problem, path, { expected: problem.code })
  }
}

/** Issues of a Zod refusal, in the core's form. */
export const fromZod = (error: z.ZodError): Issue[] => error.issues.flatMap(ours)
