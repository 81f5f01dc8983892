import { n, quoted, t, type Sentences } from './sentences'

/** What can be wrong with logs, checks and care. */
export const CARE = {
  'log.sessions-differ': (say, f) =>
    `The sessions of ${quoted(f.build)} come to ${say.duration(n(f.sum))}, its log to ${say.duration(n(f.spent))}. Shorten a session, or put more into the log.`,
  'log.shares-differ': (say, f) =>
    `The ways of ${quoted(f.build)} come to ${say.duration(n(f.sum))}, its log to ${say.duration(n(f.spent))}. Give to one way what you take from another.`,
  'log.item-too-long': (say, f) =>
    `A tool would have been in use for ${quoted(f.build)} longer than the ${say.duration(n(f.spent))} of its log. Put in fewer hours for the tool, or more for the build.`,
  'log.running-done': (_, f) =>
    `${quoted(f.build)} is done, and its clock still runs. Stop the clock, or say that it is not done yet.`,
  'log.session-outside': (say, f) =>
    `${quoted(f.build)} was begun on ${say.day(t(f.begun))}; a session on ${say.day(t(f.date))} comes before that. Correct the day of either.`,
  'log.twice': (_, f) =>
    `Two sessions of ${quoted(f.build)} have the same mark. Take one of them out and put it in again.`,
  'check.negative': () => 'What is measured is 0 or more. Type the distance without a sign.',
  'check.short': (_, f) =>
    `Over ${t(f.length)} mm an angle cannot be told. Use a piece of at least ${t(f.least)} mm, the longer the better.`,
  'check.wild': (_, f) =>
    `That would be ${n(f.error).toFixed(1)} mm off, and nothing sold as a tool is off by more than ${t(f.most)} mm. Look at the unit: millimetres, so half a millimetre is 0.5.`,
  'check.twice': (say, f) =>
    `This was checked on ${say.day(t(f.date))} already. Take that result out first, or put this one on another day.`,
  'loan.lent': (say, f) =>
    `${say.tool(t(f.name))} is lent to ${t(f.who)} since ${say.day(t(f.since))}. Get it back and say so under Kit, “Looking back”; then sell it.`,
  'loan.borrowed': (say, f) =>
    `${say.tool(t(f.name))} belongs to ${t(f.who)}: it is not yours to sell. Given back, it leaves the kit under Kit, “Looking back”.`
} satisfies Partial<Sentences>
