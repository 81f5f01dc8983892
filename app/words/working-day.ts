import type { WorkingDay } from '../../core/fit'
import { DUST_LIMITS } from '../../core/workshop'
import { said } from './language'
import type { Say } from './say'

/** Before one starts: the sheet of a day, its noise and its dust, and what can hurt. */
export const workingDay = said('workingDay', {
  title: (build: string) => `Before you start: ${build}`,
  titleNone: 'Before you start',
  subtitle: (evening: number, of: number, time: string) =>
    `Evening ${evening} of ${of}, ${time}. One minute, then begin.`,
  none: 'No build can be begun with what is there. Plan one, and its first evening stands here.',
  build: 'Build',
  evening: 'Evening',
  hours: 'Hours at a time',
  print: 'Print',
  checksTitle: 'One minute',
  /** What to look at; of machines and cords only where a motor runs. */
  checks: (
    wear: readonly string[],
    tools: readonly string[],
    motors: boolean
  ): readonly string[] => [
    wear.length > 0
      ? `Protection for ${wear.join(', ')}: on, or within reach.`
      : 'Nothing special to put on for this.',
    `Out and sound: ${tools.join(', ')}. Blades and bits sharp, right for the work, tight.`,
    ...(motors
      ? [
          'Guards on and moving freely; riving knife and push stick where they belong.',
          'Unplugged, or the pack out, whenever a blade or bit is changed.',
          'Cord unrolled, behind you, out of the line of cut; nothing frayed. New outlets: ask a licensed electrician.',
          'Hose on, or window and gate open. No gloves, loose sleeves, strings or open hair at what turns.'
        ]
      : ['Edges covered until they are used; a place for each, none at the rim of the bench.']),
    'Light on the line, from the side. Floor clear, dry, swept where you stand.',
    'Phone in the pocket, first aid and fire extinguisher where you can reach them with one hand.',
    'Somebody knows you are at work. Children and guests: out, or behind the line, before a machine starts.',
    'Tired, cross or in a hurry: do the quiet steps today.'
  ],
  noiseTitle: 'Noise of the day',
  noise: (say: Say, { dose, exposure, loudest }: WorkingDay) =>
    loudest === undefined
      ? 'Nothing is known of the noise of this work.'
      : `${say.number(dose.threeDb, 0)} % of a day’s noise by the 3 dB rule, ${say.number(dose.fiveDb, 0)} % by the 5 dB rule; over eight hours ${say.number(exposure.bare, 0)} dB(A)${exposure.worn === undefined ? '' : `, ${say.number(Math.max(0, exposure.worn), 0)} behind the protection you have`}.`,
  loudest: (method: string, dbA: string, permitted: string) =>
    `Loudest: ${method}, about ${dbA} dB(A), permitted without protection for ${permitted} a day.`,
  noEars: 'From 85 dB(A) on wear hearing protection; you own none.',
  noiseHow:
    'Reckoned as if each way ran the whole time, at the ear: an upper bound. Protection is counted 4 dB below its usual rating, for how it is worn; what stands on the box goes before.',
  dustTitle: 'Dust of the day',
  dust: (say: Say, mean: number, masked: number | undefined) =>
    `About ${say.number(mean, 1)} mg/m³ as a mean over eight hours${masked === undefined ? '' : `, ${say.number(masked, 2)} behind the mask you have`}. Limits: ${DUST_LIMITS.niosh} (NIOSH), ${DUST_LIMITS.european} (EU, hardwood), ${DUST_LIMITS.british} (UK, softwood).`,
  airing: (time: string) =>
    `Fine dust stays: keep the mask on and the gate open for ${time} after the last cut.`,
  withHose: (say: Say, mean: number) =>
    `A hose on the tool would bring it to ${say.number(mean, 1)}: of what can be bought it clears the room’s air most. The mask stays on.`,
  dustNone: 'Hardly any dust today.',
  noAir: 'The room has no volume: give it a floor and a height, and its dust can be reckoned.',
  dustHow:
    'A plain estimate: usual amounts by kind of work, spread evenly in the room, with its air changed and the dust settling. Nothing is measured.',
  open: 'Gate or windows open',
  home: 'At home today, and knows I am at work:',
  evenSo: (dbA: string, there: string) =>
    `Of ${dbA} dB(A) about ${there} arrive next door: an estimate by distance and wall.`,
  quietTitle: 'In quiet hours instead',
  quiet: (work: string, method: string, time: string, instead: string) =>
    `${work}: ${method}, ${time}; not ${instead}.`,
  quietNot: (work: string, method: string) =>
    `${work}: nothing quiet does it with what is there; keep ${method} for the daytime.`,
  quietAll: 'All of it is quiet enough for quiet hours.',
  packsTitle: 'Packs',
  packs: (count: string, wh: string, energy: string, platform: string) =>
    `${count} of ${wh} Wh${platform === '' ? '' : ` (${platform})`} charged before you begin: the evening draws up to ${energy} Wh, reckoned as if each tool ran all through its step.`,
  hazardTitle: 'What can hurt today',
  manual:
    'Follow the tool’s manual and your local rules; all of this is common practice and goes behind them.'
} as const)
