import type { Said } from '../language'
import { plural } from '../plural'
import type { weigh as english } from '../weigh'

export const weigh: Said<typeof english> = {
  part: (say, part) =>
    `${say.shortTool(part.tool)}${part.count > 1 ? ` ×${part.count}` : ''}${part.jig === undefined ? '' : ' (machen)'}`,
  free: 'nichts zu kaufen',
  title: (lead) => `Zuerst ${lead}: nichts anderes bringt so viel für sein Geld zurück`,
  titleNone: 'Noch nichts abzuwägen',
  titleWorking: 'Wäge ab …',
  again: 'Etwas hat sich geändert: wäge wieder ab …',
  noneHint: 'Füge ein Vorhaben hinzu, das noch nicht geht, und sieh, was es möglich macht.',
  noneOpens:
    'Nichts, was es zu kaufen gibt und nicht ausgeschlossen ist, macht eines deiner Vorhaben möglich oder leichter. Darunter steht, was im Weg ist; Ausgeschlossenes kann wieder zugelassen werden.',
  subtitle: (candidates, builds) =>
    `${plural(candidates, 'Kandidat', 'Kandidaten')} gegen ${plural(builds, 'Vorhaben', 'Vorhaben')}`,
  caption:
    'Wie eine Waage zu lesen: links vom Drehpunkt, was es mit allem kostet, was dazu muss, rechts, was es deinen Vorhaben wert ist. Der Balken neigt sich zur schwereren Seite. Geordnet nach dem, was je Geldeinheit zurückkommt.',
  tabs: {
    ladder: 'Was zuerst',
    tools: 'Abgewogen',
    quality: 'Wie gut',
    power: 'Kabel oder Akku',
    schools: 'Schulen',
    list: 'Eine gefundene Liste'
  },
  counts: 'Was zählt',
  countsHint: 'Schieb, und die Reihenfolge folgt; lass los, und es gilt.',
  weightName: {
    money: 'was Vorhaben wert sind',
    time: 'eine Stunde Arbeit',
    space: 'Stellfläche',
    quiet: 'Ruhe',
    ease: 'Leichtigkeit',
    finish: 'Ausführung'
  },
  weightLine: (say, weight, value) => {
    if (weight === 'money') return `Vorhaben × ${say.number(value, 2)}`
    if (value === 0)
      return {
        time: 'Stunden ohne Preis',
        space: 'Stellfläche ist frei',
        quiet: 'Lärm ist frei',
        ease: 'Gefahr ist frei',
        finish: 'gut genug ist genug'
      }[weight]
    const amount = say.money(Math.round(value))
    return {
      time: `eine Stunde ${amount}`,
      space: `ein Quadratmeter ${amount}`,
      quiet: `eine Stunde Lärm ${amount}`,
      ease: `eine Stunde mit Gefahr 1 ${amount}`,
      finish: `ein gerade noch guter Schritt ${amount}`
    }[weight]
  },
  holds: 'Der erste Platz hält',
  swayLine: (say, weight, below, above) => {
    const unit = (at: number): string =>
      weight === 'money' ? `× ${say.number(at, 2)}` : say.money(Math.round(at))
    const told = [
      below ? `unter ${unit(below.at)} führt ${say.shortTool(below.lead)}` : '',
      above ? `über ${unit(above.at)} führt ${say.shortTool(above.lead)}` : ''
    ].filter(Boolean)
    return told.length > 0 ? told.join(', ') : 'wo immer es steht'
  },
  weightless:
    'Alle sechs Gewichte sind null, also ist außer dem Preis nichts zu unterscheiden. Gib mindestens einem einen Wert.',
  more: (count) => `${count} weitere zeigen`,
  fewer: 'Weniger zeigen',
  compare: 'Vergleichen',
  compareThis: (name) => `${name} vergleichen`,
  compareTitle: (count) => `${count} nebeneinander`,
  compareHint: 'Hak zwei bis vier davon an.',
  compareRows: {
    cost: 'Kostet mit allem',
    gain: 'Wert für deine Vorhaben',
    net: 'Netto',
    back: 'Je Geldeinheit zurück',
    minutes: 'Gesparte Stunden',
    opens: 'Macht möglich',
    along: 'Kommt mit',
    floor: 'Stellfläche',
    pulls: 'Zieht'
  },
  none: 'nichts',
  pulls: (share, error) =>
    `Zieht sein Gewicht: ${share}${error === undefined ? '' : ` ± ${error}`} von dem, was die ganze Liste zusammen gewinnt`,
  pullsHint:
    'Sein gerechter Anteil an dem, was alle Anschaffungen der Liste zusammen gewännen, Partner berücksichtigt (Shapley-Wert).',
  pullsWorking: 'Wird ausgerechnet, wie viel es zieht …',
  floor: (m) => `Nimmt Stellfläche, gezählt mit ${m}.`,
  leaning: (times) => `× ${times} für eine Neigung von dir oder deiner Schule`,
  bundleLine: (names, saved) => `Um ${saved} billiger mit ${names.join(' und ')}.`,
  rough: (metres, saved) => `${metres} Brett rau statt gehobelt gekauft: ${saved} weniger für Holz`,
  stepLine: (operation, before, after) => `${operation}: ${before} → ${after}`,
  gap: 'nicht möglich',
  use: (method, time, fee) => `${method}, ${time}${fee === undefined ? '' : ` und ${fee}`}`,
  nearMiss: (say, miss) =>
    `${say.shortTool(miss.tool)} hätte fast genügt: „${say.operation(miss.operation)}“ braucht ${say.length(miss.needs)}, es gibt ${say.length(miss.has)}.`,
  against: 'Dagegen',
  regret: (say, regret) => {
    switch (regret.kind) {
      case 'few-uses':
        return `Etwa ${say.number(regret.usesPerYear, 1)}-mal im Jahr gebraucht; unter ${regret.threshold}-mal ist Leihen, Mieten oder Auskommen ohne oft besser.`
      case 'duplicate':
        return `Du hast ${say.shortTool(regret.by)}, und damit geht alles ${regret.times < 1.05 ? 'in derselben Zeit' : `in der ${say.number(regret.times, 1)}-fachen Zeit`}.`
      case 'outgrown':
        return `${say.build(regret.build)} wächst darüber hinaus: „${say.operation(regret.operation)}“ braucht ${say.length(regret.needs)}, es gibt ${say.length(regret.has)}.`
    }
  },
  noRegret: 'Nichts spricht dagegen, was sich rechnen lässt.',
  usesPerYear: (uses) => `Etwa ${uses}-mal im Jahr gebraucht in den Vorhaben, die du planst.`,
  savesPerYear: (parts) => `Spart ${parts.join(', ')} im Jahr.`,
  hazardLine: (level) =>
    [
      '',
      'Gefahr 1 von 3: mit Respekt.',
      'Gefahr 2 von 3: zuerst an Resten üben.',
      'Gefahr 3 von 3: schwere Verletzung in einem Augenblick.'
    ][level] ?? '',
  gentler: 'Sanfter',
  cheaper: 'Billiger',
  wayMore: (time) => `, ${time} mehr Arbeit`,
  wayLess: (time) => `, ${time} weniger Arbeit`,
  service: (say, s, unit) =>
    `Ersetzt einen Dienst: „${say.operation(s.operation)}“ kostet anderswo ${say.money(Math.round(s.feeEach))} ${unit}, ${say.number(s.units, 1)} davon sind geplant; die Anschaffung ist nach ${say.number(s.breakEvenUnits)} bezahlt.`,
  because: (say, because) => {
    switch (because.kind) {
      case 'lead':
        return 'tut die Arbeit'
      case 'jig':
        return 'selbst gemacht'
      case 'companion':
        return because.why === '' ? `gehört zu ${say.shortTool(because.of)}` : because.why
      case 'protection':
        return `Schutz für ${say.shortTool(because.of)}`
      case 'role':
        return because.operation === '' ? 'gehört dazu' : `für: ${say.operation(because.operation)}`
    }
  },
  priceParts: (say, p) =>
    [
      `Schild ${say.money(p.tag)}`,
      p.tax > 0 ? `Steuer ${say.money(p.tax)}` : '',
      p.delivery > 0 ? `Lieferung ${say.money(p.delivery)}` : '',
      p.repair > 0 ? `Rücklage für Reparatur ${say.money(p.repair)}` : ''
    ]
      .filter(Boolean)
      .join(' + '),
  need: 'Ich brauche es für …',
  needBuild: 'Welches Vorhaben braucht es',
  needUntil: 'Darüber schlafen bis',
  needAsk: 'Im Sinn behalten',
  needWaits: (say, build, until) =>
    `Gebraucht für ${build}; du wolltest bis ${say.shortDay(until)} darüber schlafen.`,
  needOver: (build) => `Du hast darüber geschlafen: noch gebraucht für ${build}?`,
  needYes: 'Ja, noch',
  needNo: 'Nein, lass es',
  needWrong: (build) =>
    `${build} braucht es nicht: keiner seiner Schritte wird damit möglich oder schneller.`,
  howGood: 'Wie gut muss es sein',
  leanLabel: 'Deine Neigung',
  leanName: {
    '0.5': 'davon weg (× 0,5)',
    '1': 'weder noch',
    '2': 'dazu hin (× 2)'
  },
  leanOther: (times) => `wie eingestellt (× ${times})`,
  ways: 'Andere Wege herum',
  priceBasis: (basis, quotes) =>
    basis === 'own-level'
      ? '~ üblicher Preis auf der Höhe, die du eingestellt hast.'
      : basis === 'calibrated'
        ? `~ üblicher Preis, geeicht an ${plural(quotes, 'eigenen Preis', 'eigenen Preisen')}.`
        : '~ üblicher Preis, noch nicht deiner: trag Preise ein, die du gesehen hast, und alle rücken näher an deinen Markt.',
  costs: 'was es kostet, mit allem',
  worth: 'was es deinen Vorhaben wert ist',
  with: (others) => `mit ${others.join(', ')}`,
  back: (ratio, net) => `${ratio} je Einheit zurück, ${net} netto`,
  gift: 'kostet nichts',
  saves: (time) => `spart ${time}`,
  arrow: (cost, gain) => `${cost} → ${gain}`,
  opens: 'Macht möglich',
  openLine: (build, gain) => `${build}: ${gain} wert nach dem Holz`,
  gainLine: (build, gain) => `${build}: ${gain} mehr`,
  easeLine: (build, time) => `${build}: ${time} weniger Arbeit`,
  comes: 'Woraus es besteht',
  variants: 'Stattdessen',
  why: (gain, cost, net) => `Deinen Vorhaben ${gain} wert, kostet mit allem ${cost}: netto ${net}.`,
  yourPrice: 'Ein Preis, den du für eines gesehen hast',
  addPrice: 'dein Preis',
  ban: 'Nicht für mich',
  unban: 'Wieder zulassen',
  wish: 'Wünschen',
  unwish: 'Nicht mehr wünschen',
  banned: 'Ausgeschlossen',
  hopeless: (build, steps) =>
    `${build} wird innerhalb deiner Grenzen durch keine Anschaffung möglich (${steps.join(', ')}).`,
  possible: (builds) => `Schon möglich: ${builds.join(', ')}.`,
  beamLabel: (name, cost, gain) => `${name}: kostet ${cost}, ist ${gain} wert`,
  make: 'selbst gemacht',
  cautionTail: 'Halte dich an die Anleitung des Werkzeugs und die Vorschriften bei dir.',
  tierLine: (tier, condition, power) =>
    [tier, condition, power === 'hand' ? '' : power].filter(Boolean).join(', ')
}
