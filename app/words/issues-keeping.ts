import { n, quoted, t, type Sentences } from './sentences'

/** Sentences for what can be wrong with the ledger, with sheets and zips that come in, and with what the browser keeps. */
export const KEEPING = {
  'ledger.reversed-twice': (_, f) =>
    `The entry ${quoted(f.id)} is taken back twice. Take one of the two out of the file.`,
  'ledger.reversal-differs': (_, f) =>
    `What takes ${quoted(f.id)} back must have its date and the opposite amount, and that must be an entry of its own, not a reversal.`,
  'ledger.reversal-kind': () =>
    'An entry of the kind “reversal” must say what it reverses, and only such an entry may.',
  'ledger.refund-too-large': (say, f) =>
    `More would come back (${say.money(n(f.amount))}) than was paid for it (${say.money(n(f.paid))}). Put in what really came back, at most that.`,
  'ledger.parts-too-large': () =>
    'Tax and delivery together are more than the amount that contains them. Correct one of the three.',
  'ledger.too-large': (_, f) =>
    `The ledger would be larger than a file can hold (${t(Math.round(n(f.limit) / 1e6))} MB). Save this workspace to a file and go on in a new one.`,
  'ledger.wrong-way': (_, f) =>
    `The money goes the other way than the kind ${quoted(f.kind)} says. Change the sign or the kind.`,
  'receipt.empty': () => 'The receipt has no line yet. Put in what was bought.',
  'receipt.total-differs': (say, f) =>
    `The lines with delivery and tax come to ${say.money(n(f.lines))}; you say ${say.money(n(f.total))} was paid. ${say.money(Math.abs(n(f.difference)))} ${n(f.difference) > 0 ? 'is missing: is there another line?' : 'is too much: was there a discount?'}`,
  'money.other-currency': (_, f) =>
    `This is in ${t(f.found)}; the workspace reckons in ${t(f.expected)} alone, since no rate is known here for the day you paid. Put in what left your purse in ${t(f.expected)}.`,
  'moment.format': () => 'A moment is written like 2026-05-04T18:30:00.000Z.',
  'link.only-web': () => 'A link must begin with http:// or https:// and hold no spaces.',
  'zip.unreadable': () =>
    'The zip cannot be taken apart: it is damaged or no zip. Use an earlier copy.',
  'zip.damaged': () =>
    'The workspace in this zip is not what was written: its checksum does not hold. Nothing of it is taken in; use an earlier copy.',
  'zip.no-workspace': () =>
    'There is no workspace.json in this zip. Choose one that was saved from here.',
  'zip.too-large': (_, f) =>
    `What is in the zip is larger than is taken in (${n(f.limit) / 1e6} MB in all, 20 MB for a photo). It is left as it is.`,
  'ledger-csv.empty': () =>
    'There are no rows of entries here. The first row names the columns (date, text, in, out), each further row is one entry.',
  'ledger-csv.no-column': (_, f) =>
    `There is no column ${quoted(f.column)}. Found: ${t(f.found)}. Name the column in the first row.`,
  'ledger-csv.too-many': (_, f) =>
    `${t(f.rows)} rows are more than the ${t(f.limit)} that are read at once. Take them in by parts.`,
  'ledger-csv.cell': (_, f) =>
    `Row ${t(f.row)}, ${t(f.column)}: ${quoted(f.text)} is not understood. Dates are written 2026-05-04, amounts 12.50.`,
  'ledger-csv.amount': (_, f) =>
    `Row ${t(f.row)}: there must be one amount, either in or out, and ${quoted(f.text)} is none. Write it like 12.50.`,
  'ledger-csv.sign': (_, f) =>
    `Row ${t(f.row)}: ${quoted(f.text)} under “${t(f.column)}” has a sign of its own, so that it could go either way. Write it there without one, or in a column “amount” with one.`,
  'ledger-csv.currency': (_, f) =>
    `Row ${t(f.row)} is in ${t(f.found)}, this workspace reckons in ${t(f.expected)}. Put in what left your purse; nothing is converted in silence.`,
  'ledger-csv.text': (_, f) =>
    `Row ${t(f.row)}: the text is longer than 2000 characters. Shorten it in the file.`,
  'ledger-csv.future': (_, f) =>
    `Row ${t(f.row)}: ${t(f.text)} has not come yet. The ledger holds only money that has moved.`,
  'ledger-csv.choice': (_, f) =>
    `Row ${t(f.row)}, ${t(f.column)}: ${quoted(f.text)} must be one of: ${t(f.choices)}.`,
  'ledger-csv.way': (_, f) =>
    `Row ${t(f.row)}: money of the kind ${quoted(f.text)} comes in, but this goes out. Change the kind or the column.`,
  'ledger-csv.conflict': (_, f) =>
    `The entry ${quoted(f.id)} stands here with something else in it. The ledger is not rewritten: correct it here if the file is right.`,
  'items-csv.empty': () =>
    'There are no rows of tools here. The first row names the columns (tool, tier, count, since, paid), each further row is one tool.',
  'items-csv.no-column': (_, f) =>
    `There is no column ${quoted(f.column)}. Found: ${t(f.found)}. Name the column in the first row.`,
  'items-csv.too-many': (_, f) =>
    `${t(f.rows)} rows are more than the ${t(f.limit)} that are read at once. Take them in by parts.`,
  'items-csv.tool': (_, f) =>
    `Row ${t(f.row)}: ${quoted(f.text)} is no tool of the library or of your own. Write its name as the kit shows it.`,
  'items-csv.choice': (_, f) =>
    `Row ${t(f.row)}, ${t(f.column)}: ${quoted(f.text)} must be one of: ${t(f.choices)}.`,
  'items-csv.cell': (_, f) =>
    `Row ${t(f.row)}, ${t(f.column)}: ${quoted(f.text)} is not understood. Counts are whole numbers, dates 2026-05-04, amounts 12.50, sizes “depthMm 57”.`,
  'items-csv.currency': (_, f) =>
    `Row ${t(f.row)} is in ${t(f.found)}, this workspace reckons in ${t(f.expected)}. Put in what left your purse; nothing is converted in silence.`,
  'file.not-written': () =>
    'The file was not written, because it could not be read back. What you see is kept here; the places that are wrong follow.',
  'backup.folder': (_, f) =>
    `The folder cannot be written to (${t(f.reason)}). Choose it again, or save to a file.`,
  'merge.put-back': (_, f) => `Put back, because the other side still refers to it: ${t(f.parts)}.`,
  'photo.missing': (_, f) =>
    `${n(f.count) === 1 ? 'A photo the workspace speaks of is' : `${t(f.count)} photos the workspace speaks of are`} not in this file, or damaged there. All else is taken in; the photos may be in an earlier copy.`,
  'photo.missing-here': (_, f) =>
    `${n(f.count) === 1 ? 'A photo is' : `${t(f.count)} photos are`} no longer in this browser and therefore not in the file. The file is whole apart from that.`,
  'photo.unreadable': () => 'This is no picture that can be read. Take a JPEG, PNG or WebP.',
  'photo.too-large': (_, f) =>
    `The picture has ${(n(f.size) / 1e6).toFixed(0)} MB; at most ${n(f.limit) / 1e6} MB are taken. Make it smaller first.`
} satisfies Partial<Sentences>
