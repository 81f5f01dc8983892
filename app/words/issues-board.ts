import { n, quoted, t, type Sentences } from './sentences'

/** What can be wrong with a board of prices and its feed. */
export const BOARD = {
  'board.currency': (_, f) =>
    `The practice board has no prices in ${t(f.currency)}. Open a feed of your own, or put prices in by hand.`,
  'feed.empty': () =>
    'The feed holds no listings. Look again later, or ask whoever writes it for a whole one.',
  'feed.too-many': (_, f) =>
    `The feed holds ${t(f.rows)} listings; at most ${t(f.limit)} are read at once. Ask for fewer kinds, or split the file.`,
  'feed.no-column': (_, f) =>
    `The feed has no column ${quoted(f.column)}. Found: ${t(f.found)}. The columns are described in docs/formats.md.`,
  'feed.head': (_, f) =>
    `The feed says ${quoted(f.text)} for ${quoted(f.field)}, which cannot be. Nothing was taken over; mend that line, or use another feed.`,
  'feed.currency': (_, f) =>
    `The feed is in ${f.found === '' ? 'no currency that it names' : t(f.found)}, this workspace reckons in ${t(f.expected)}. Nothing was taken over: prices are never converted in silence.`,
  'feed.future': (say, f) =>
    `The feed is of ${say.day(t(f.date))}, which has not come yet. Check the clock of whoever wrote it; nothing was taken over.`,
  'feed.old': (say, f) =>
    `These prices are ${t(f.days)} days old, of ${say.day(t(f.date))}. What you take over keeps that day; look for newer ones before you decide.`,
  'feed.tool': (_, f) =>
    `Listing ${t(f.row)}: ${quoted(f.text)} is no tool of the library or of your own that is sold. It was left out.`,
  'feed.price': (_, f) =>
    `Listing ${t(f.row)}: ${quoted(f.text)} is not a price above 0, such as 12.50. It was left out.`,
  'feed.choice': (_, f) =>
    `Listing ${t(f.row)}: ${quoted(f.field)} is ${quoted(f.text)} and must be one of: ${t(f.choices)}. It was left out.`,
  'feed.day': (_, f) =>
    `Listing ${t(f.row)}: ${quoted(f.text)} is not a date. Write year, month and day, such as 2026-05-04. It was left out.`,
  'feed.field': (_, f) =>
    `Listing ${t(f.row)}: ${quoted(f.field)} cannot be ${f.text === '' ? 'empty' : quoted(f.text)}. It was left out.`,
  'plan.hired-too-short': (say, f) =>
    `${say.build(t(f.build))}: what is done with ${say.offer(t(f.tool))} takes ${say.duration(n(f.minutes))}, and it is there for ${say.duration(n(f.limit))} of work. Hire it for longer, or give another build its time.`,
  'circuit.twice': (_, f) =>
    `Another circuit is called ${quoted(f.name)} already: outlets would not know which. Give this one another name.`,
  'piece.sold-before-made': (say, f) =>
    `${t(f.name)} was made on ${say.day(t(f.made))} and would be sold on ${say.day(t(f.date))}, before it was there. Put the sale on a later day, or correct the day it was made.`,
  'piece.back-too-large': (_, f) =>
    `More would be given back for ${t(f.name)} than was paid for it. Give back what was paid at most.`,
  'order.deposit-too-large': (_, f) =>
    `The deposit on ${quoted(f.name)} is more than all of it costs. Make it smaller, or raise the price.`,
  'feed.twice': (_, f) =>
    `Listing ${t(f.row)}: ${quoted(f.text)} stands in the feed twice. The first one was read, this one left out.`
} satisfies Partial<Sentences>
