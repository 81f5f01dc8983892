import type { DustAhead, LoudWay, Worn } from '../../core/safety'
import { ASLEEP_DBA, DUST_LIMITS, type WallBetween } from '../../core/workshop'
import { said } from './language'
import { plural } from './plural'
import { roughly, type Say } from './say'

/** Noise, dust and protection of the work that is planned: who hears it, who wears what, what clears the air. */
export const air = said('air', {
  title: (loud: number, over: boolean) =>
    `${loud === 0 ? 'Nothing planned is too loud for quiet hours' : `${plural(loud, 'way of working belongs', 'ways of working belong')} in the daytime`}, ${over ? 'and one evening too dusty' : 'and the air stays within the limits'}`,
  titlePlain: 'Noise, dust, protection',
  subtitle: 'Who hears it, who breathes it, who wears what; reckoned from the builds planned.',
  noiseTitle: 'Who hears it',
  neighbour: 'The nearest room of somebody else, m',
  neighbourFeet: 'The nearest room of somebody else, ft',
  wall: 'Between you',
  walls: {
    open: 'Nothing, or an open window',
    boards: 'Boards or a garage door',
    shutWindow: 'A wall with shut windows',
    blocks: 'Brick or blocks',
    flat: 'A wall or ceiling between flats'
  } as Readonly<Record<WallBetween, string>>,
  neighbourWhy:
    'An estimate by distance and wall, marked as such: buildings leak by gaps and pipes. Ask next door what they hear.',
  limit: (dbA: string, asleep: boolean) =>
    asleep
      ? `In quiet hours up to ${dbA} dB(A) at your ear: then a sleeper there is left in peace (${ASLEEP_DBA} dB(A)). Below that counts as quiet.`
      : `In quiet hours up to ${dbA} dB(A) at your ear counts as quiet.`,
  loud: (say: Say, one: LoudWay) =>
    `${say.operation(one.operation)}, ${say.method(one.method)}: ${say.number(one.dbA, 0)} dB(A)${one.there === undefined ? '' : `, about ${say.number(one.there, 0)} there`}, ${roughly(one.minutes)} in all.`,
  instead: (say: Say, quiet: NonNullable<LoudWay['quiet']>) =>
    `In quiet hours: ${say.method(quiet.method)}, ${roughly(quiet.minutes)}.`,
  notQuiet: 'Nothing quiet does it with what is there: keep it for the daytime.',
  noneLoud: 'Everything planned can be done in quiet hours.',
  more: (count: number) => `and ${plural(count, 'more way', 'more ways')}`,
  dustTitle: 'Dust',
  dustNone: 'The builds planned send out hardly any dust.',
  dustWorst: (say: Say, one: DustAhead, machine: string | undefined) =>
    `The dustiest evening is number ${one.evening} of ${say.build(one.build)}${machine === undefined ? '' : `, by ${machine}`}: ${say.number(one.air, 1)} mg/m³ in the room as a mean over eight hours, ${say.number(one.breathed, 2)} behind what you wear. Limits: ${DUST_LIMITS.niosh} (NIOSH), ${DUST_LIMITS.european} (EU, hardwood), ${DUST_LIMITS.british} (UK, softwood).`,
  dustOpen: (say: Say, mean: number) =>
    `With the gate open it is ${say.number(mean, 1)}, and that costs nothing.`,
  dustBuy: (say: Say, tool: string, price: string, mean: number, breathed: number) =>
    `${tool}, ${price}: ${say.number(mean, 1)} in the room, ${say.number(breathed, 2)} breathed`,
  dustBuys: 'What lowers what you breathe, the most for its money first',
  dustNoBuy: 'Nothing that can be bought lowers it further.',
  dustWish: 'Wish for it',
  dustBefore: (tool: string, machine: string, day: string) =>
    `Have ${tool} before ${machine} comes on ${day}.`,
  announced: (
    say: Say,
    { build, from, to }: { readonly build: string; readonly from: number; readonly to: number }
  ) =>
    `With this machine the dustiest evening of ${say.build(build)} comes to ${say.number(from, 1)} mg/m³ in the room; this brings it to ${say.number(to, 1)}. Have it first.`,
  onRung: (say: Say, one: DustAhead, tool: string | undefined, price: string, to: number) =>
    `Dust: its evening of ${say.build(one.build)} comes to ${say.number(one.air, 1)} mg/m³ in the room, more than the strictest limit of ${DUST_LIMITS.niosh}.${tool === undefined ? ' The gate open and a mask on are what there is.' : ` ${tool}, ${price}, brings it to ${say.number(to, 1)}: plan for it before.`}`,
  dustHow:
    'A plain estimate from usual amounts by kind of work, the size of the room, its air changes and the dust settling. Nothing is measured. A hose catches dust before you breathe it, a filter in the room cleans up after you; the mask stays on with both.',
  height: 'Height of the room, m',
  heightFeet: 'Height of the room, ft',
  wearTitle: 'Who wears what',
  wearCaption: 'By machine, owned and planned; by the work as it is planned.',
  machine: 'Machine or tool',
  work: 'Work',
  wears: 'Wears',
  plannedFor: (day: string) => `planned for ${day}`,
  wearNone: 'Nothing that is owned or planned asks for protection.',
  ownedTitle: 'What protects you',
  ownedNone:
    'You own no protection yet. The plan buys it no later than the first tool that needs it.',
  iWear: 'I wear it',
  protects: (list: string) => `for ${list}`,
  lasts: (say: Say, { lastsHours = 0, months }: Worn) =>
    `Used up after about ${say.number(lastsHours, 0)} hours${months === undefined ? '' : `: at the pace planned every ${months < 1.5 ? 'month' : `${say.number(months, 0)} months`}`}.`,
  unworn:
    'Not worn, it protects nobody: the plan counts on another kind. Lighter ones, plugs instead of muffs, a mask with a valve or a visor over glasses get worn.',
  spare: (list: string) =>
    `For a helper there is no second one for ${list}. Who stays in the room while something runs wears the same.`,
  spareAll: 'There is enough for a helper as well.',
  ratings:
    'Eye protection with the mark Z87+ or EN 166 F; hearing protection counted below its box, for how it is worn. The manual and your local rules go before this.'
} as const)
