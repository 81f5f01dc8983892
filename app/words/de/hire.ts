import type { Hire } from '../../../core/prices'
import type { hire as english } from '../hire'
import type { Said } from '../language'
import { plural } from '../plural'

const DAYS_APART = 7
const A: Readonly<Record<Hire['per'], string>> = {
  day: 'am Tag',
  visit: 'je Besuch',
  month: 'im Monat'
}

export const hire: Said<typeof english> = {
  title: 'Zu mieten, und Gemeinschaftswerkstätten',
  none: 'Noch nichts behalten. Ein Tag Miete kostet gewöhnlich etwa ein Zehntel des Neupreises.',
  add: 'Etwas zu mieten, oder eine Gemeinschaftswerkstatt',
  name: 'Bezeichnung',
  tools: 'Was dazugehört',
  per: 'Bezahlt je',
  perName: { day: 'Tag', visit: 'Besuch', month: 'Monat' },
  fee: 'Gebühr, alles inbegriffen',
  hours: (per) => `Arbeitsstunden ${A[per]}`,
  elsewhere: 'Gearbeitet wird dort',
  until: 'Zu haben bis',
  put: 'Behalten',
  added: (name) => `${name} behalten`,
  removed: (name) => `${name} herausnehmen`,
  needHours: 'Sag, wie viele Stunden man damit arbeiten kann.',
  hint: 'Sägeblätter, Bohrer und Absaugung gehören dazu; Schutz ist der eigene. Was damit zu tun ist, wird in diesen Tagen getan, der Rest eines Vorhabens darf danach kommen.',
  caution:
    'Lass es dir zeigen, bevor du es einschaltest. Die Anleitung, die Anweisungen des Verleihs und die Werkstattordnung entscheiden.',
  line: (say, { name, pieces, per, fee, minutes, elsewhere, until }) =>
    `${name}: ${say.money(fee)} ${A[per]} für ${pieces.map(({ tool }) => say.shortTool(tool)).join(', ')}; ${say.duration(minutes)} Arbeit ${A[per]}${elsewhere ? ', dort' : ''}${until === undefined ? '' : `, bis ${say.shortDay(until)}`}.`,
  planned: (stretch, day, builds) =>
    `Der Plan mietet es für ${stretch} ab ${day}${builds === '' ? '' : `, für ${builds}`}.`,
  notPlanned: 'Der Plan kommt ohne aus: kaufen, oder ein anderer Weg, ist günstiger.',
  paid: (until) => `Bezahlt bis ${until}.`,
  stretch: (per, days, count) =>
    per === 'month'
      ? plural(count, 'Monat', 'Monate')
      : per === 'visit'
        ? plural(count * ((days - 1) / DAYS_APART + 1), 'Besuch', 'Besuche')
        : plural(count * days, 'Tag', 'Tage'),
  offer: (name, stretch) => `${name}, ${stretch}`,
  alreadyPaid: (name) => `${name}, schon bezahlt`
}
