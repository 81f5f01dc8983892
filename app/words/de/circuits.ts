import type { circuits as english } from '../circuits'
import type { Said } from '../language'
import { plural } from '../plural'

export const circuits: Said<typeof english> = {
  titleNone: 'Sag, wie dein Stromkreis abgesichert ist',
  title: (count, most, volts) =>
    count === 1
      ? `Ein Stromkreis, ${most} A für Werkzeuge bei ${volts} V`
      : `${plural(count, 'Stromkreis', 'Stromkreise')}, bis ${most} A für Werkzeuge`,
  subtitle:
    'Was zusammen läuft, und an welchem Kabel. Für alles, was übers Einstecken hinausgeht: eine Elektrofachkraft fragen.',
  listTitle: 'Stromkreise',
  first: 'Stromkreis',
  named: (n) => `Kreis ${n}`,
  name: 'Bezeichnung',
  rating: 'Sicherung, A',
  volts: 'Spannung',
  add: 'Noch ein Stromkreis',
  apart: 'Stromkreise unterscheiden',
  remove: 'Diesen Stromkreis herausnehmen',
  left: (amps) => `${amps} A bleiben für Werkzeuge.`,
  none: 'Für Werkzeuge bleibt nichts: was immer daran hängt, nimmt alles. Kein Werkzeug wird für ihn geplant.',
  outlets: (count) =>
    count === 0
      ? 'Keine Steckdose des Grundrisses hängt daran.'
      : `${plural(count, 'Steckdose', 'Steckdosen')} des Grundrisses.`,
  alsoName: 'Was',
  alsoAmps: 'Strom, A',
  alsoAlways: 'Läuft immer',
  alsoAdd: 'Hinzufügen, was daran hängt',
  alsoNew: 'Licht',
  alsoRemove: 'Herausnehmen',
  stray: (count) =>
    `${plural(count, 'Steckdose hängt', 'Steckdosen hängen')} an keinem Stromkreis, den es gibt: im Grundriss wählen und sagen, an welchem.`,
  strayTake: (name) => `An ${name} hängen`,
  pairsTitle: 'Was hier zusammen läuft',
  pairsNone:
    'Nichts Vorhandenes oder Geplantes läuft zusammen mit einem Sauger oder einer Absaugung aus der Steckdose.',
  pair: (say, { tool, with: other, on, apart }, said) => {
    const both = `${say.tool(tool)} und ${say.tool(other)}`
    if (!said) return `${both}: sag die Absicherung, dann wird daran gemessen.`
    if (on)
      return `${both}: ${say.number(on.amps, 1)} A${on.name === '' ? '' : ` an ${on.name}`}, ${say.percent(on.share)} dessen, was er trägt.`
    if (apart)
      return `${both}: zu viel für einen Stromkreis; ${say.tool(tool)} an ${apart[0]}, ${say.tool(other)} an ${apart[1]}.`
    return `${both}: zusammen zu viel. Den Beutel von Hand leeren und danach saugen, eines mit Akku betreiben, oder eine Elektrofachkraft um einen zweiten Stromkreis bitten.`
  },
  onCircuit: 'An Stromkreis'
}
