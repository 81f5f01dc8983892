import { ASLEEP_DBA, DUST_LIMITS } from '../../../core/workshop'
import type { air as english } from '../air'
import type { Said } from '../language'
import { plural } from '../plural'
import { roughly } from '../say'

export const air: Said<typeof english> = {
  title: (loud, over) =>
    `${loud === 0 ? 'Nichts Geplantes ist für ruhige Stunden zu laut' : `${plural(loud, 'Arbeitsweise gehört', 'Arbeitsweisen gehören')} in den Tag`}, ${over ? 'und ein Abend ist zu staubig' : 'und die Luft bleibt unter den Grenzwerten'}`,
  titlePlain: 'Lärm, Staub, Schutz',
  subtitle: 'Wer es hört, wer es atmet, wer was trägt; gerechnet aus den geplanten Vorhaben.',
  noiseTitle: 'Wer es hört',
  neighbour: 'Der nächste Raum anderer, m',
  neighbourFeet: 'Der nächste Raum anderer, Fuß',
  wall: 'Dazwischen',
  walls: {
    open: 'Nichts, oder ein offenes Fenster',
    boards: 'Bretter oder ein Garagentor',
    shutWindow: 'Eine Wand mit geschlossenen Fenstern',
    blocks: 'Ziegel oder Betonsteine',
    flat: 'Wand oder Decke zwischen Wohnungen'
  },
  neighbourWhy:
    'Eine Schätzung nach Abstand und Wand, als solche gemeint: Häuser haben Ritzen und Rohre. Frag nebenan, was man hört.',
  limit: (dbA, asleep) =>
    asleep
      ? `In ruhigen Stunden bis ${dbA} dB(A) an deinem Ohr: dann schläft drüben jemand ungestört (${ASLEEP_DBA} dB(A)). Darunter gilt als leise.`
      : `In ruhigen Stunden gilt bis ${dbA} dB(A) an deinem Ohr als leise.`,
  loud: (say, one) =>
    `${say.operation(one.operation)}, ${say.method(one.method)}: ${say.number(one.dbA, 0)} dB(A)${one.there === undefined ? '' : `, etwa ${say.number(one.there, 0)} drüben`}, zusammen ${roughly(one.minutes)}.`,
  instead: (say, quiet) =>
    `In ruhigen Stunden: ${say.method(quiet.method)}, ${roughly(quiet.minutes)}.`,
  notQuiet: 'Mit dem, was da ist, geht es nicht leise: für den Tag aufheben.',
  noneLoud: 'Alles Geplante geht in ruhigen Stunden.',
  more: (count) => `und ${plural(count, 'weitere Arbeitsweise', 'weitere Arbeitsweisen')}`,
  dustTitle: 'Staub',
  dustNone: 'Die geplanten Vorhaben machen kaum Staub.',
  dustWorst: (say, one, machine) =>
    `Der staubigste Abend ist Nummer ${one.evening} von ${say.build(one.build)}${machine === undefined ? '' : `, durch: ${machine}`}; ${say.number(one.air, 1)} mg/m³ im Raum als Mittel über acht Stunden, ${say.number(one.breathed, 2)} hinter dem, was du trägst. Grenzwerte: ${DUST_LIMITS.niosh} (NIOSH), ${DUST_LIMITS.european} (EU, Hartholz), ${DUST_LIMITS.british} (UK, Weichholz).`,
  dustOpen: (say, mean) => `Mit offenem Tor sind es ${say.number(mean, 1)}, und das kostet nichts.`,
  dustBuy: (say, tool, price, mean, breathed) =>
    `${tool}, ${price}: ${say.number(mean, 1)} im Raum, ${say.number(breathed, 2)} geatmet`,
  dustBuys: 'Was senkt, was du atmest; das Meiste fürs Geld zuerst',
  dustNoBuy: 'Nichts, was sich kaufen lässt, senkt ihn weiter.',
  dustWish: 'Wünschen',
  dustBefore: (tool, machine, day) => `Zuerst ${tool}, dann am ${day}: ${machine}.`,
  announced: (say, { build, from, to }) =>
    `Mit dieser Maschine kommt der staubigste Abend von ${say.build(build)} auf ${say.number(from, 1)} mg/m³ im Raum; das hier bringt ihn auf ${say.number(to, 1)}. Hab es vorher.`,
  onRung: (say, one, tool, price, to) =>
    `Staub: der Abend damit an ${say.build(one.build)} kommt auf ${say.number(one.air, 1)} mg/m³ im Raum, mehr als der strengste Grenzwert von ${DUST_LIMITS.niosh}.${tool === undefined ? ' Es bleiben offenes Tor und Maske.' : ` ${tool}, ${price}, bringt ihn auf ${say.number(to, 1)}: plan es vorher ein.`}`,
  dustHow:
    'Eine einfache Schätzung aus üblichen Mengen nach Art der Arbeit, der Größe des Raums, seinem Luftwechsel und dem Sinken des Staubs. Nichts ist gemessen. Ein Schlauch fängt den Staub, bevor du ihn atmest, ein Filter im Raum räumt hinterher; die Maske bleibt bei beidem auf.',
  height: 'Höhe des Raums, m',
  heightFeet: 'Höhe des Raums, Fuß',
  wearTitle: 'Wer was trägt',
  wearCaption: 'Nach Maschine, vorhanden und geplant; nach der Arbeit, wie sie geplant ist.',
  machine: 'Maschine oder Werkzeug',
  work: 'Arbeit',
  wears: 'Trägt',
  plannedFor: (day) => `geplant für ${day}`,
  wearNone: 'Nichts Vorhandenes oder Geplantes verlangt Schutz.',
  ownedTitle: 'Was dich schützt',
  ownedNone:
    'Du hast noch keinen Schutz. Der Plan kauft ihn spätestens mit dem ersten Werkzeug, das ihn braucht.',
  iWear: 'Ich trage es',
  protects: (list) => `für ${list}`,
  lasts: (say, { lastsHours = 0, months }) =>
    `Verbraucht nach etwa ${say.number(lastsHours, 0)} Stunden${months === undefined ? '' : `: nach dem Plan ${months < 1.5 ? 'jeden Monat' : `alle ${say.number(months, 0)} Monate`}`}.`,
  unworn:
    'Ungetragen schützt es niemanden: der Plan rechnet mit einer anderen Art. Leichtere, Stöpsel statt Kapseln, eine Maske mit Ventil oder ein Visier über der Brille werden getragen.',
  spare: (list) =>
    `Für jemanden, der hilft, fehlt ein zweiter Schutz: ${list}. Wer im Raum bleibt, solange etwas läuft, trägt dasselbe.`,
  spareAll: 'Es reicht auch für jemanden, der hilft.',
  ratings:
    'Augenschutz mit dem Zeichen Z87+ oder EN 166 F; Gehörschutz zählt weniger, als auf der Packung steht, weil er so getragen wird. Das Handbuch und deine örtlichen Regeln gehen vor.'
}
