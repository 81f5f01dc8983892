import type { Said } from '../language'
import type { powerSense as english } from '../power-sense'

export const powerSense: Said<typeof english> = {
  together: 'Was läuft gleichzeitig?',
  pick: 'Werkzeuge, die zusammen laufen',
  also: 'Was sonst am Stromkreis hängt, A',
  long: 'Drei Stunden und länger am Stück',
  none: 'Wähl die Säge und den Sauger, oder was sonst zusammen anläuft.',
  carries: (amps, share) =>
    `Zusammen ${amps} A, ${share} von dem, was der Stromkreis trägt: er hält.`,
  close: (amps, share) =>
    `Zusammen ${amps} A, ${share} von dem, was der Stromkreis trägt: er hält, doch der Anlauf eines Motors kann ihn auslösen. Eins nach dem anderen einschalten.`,
  over: (amps, rating) =>
    `Zusammen ${amps} A sind mehr, als der Stromkreis mit ${rating} A trägt: die Sicherung fällt. Eins nach dem anderen, Heizung oder Ladegerät anderswo, oder frag eine Elektrofachkraft nach einem weiteren Stromkreis.`,
  noRating: 'Sag, womit der Stromkreis abgesichert ist, und es wird daran gemessen.',
  starting:
    'Ein Motor zieht beim Anlaufen einen Augenblick lang ein Mehrfaches; Sanftanlauf und ein träger Automat helfen, und welche, weiß eine Elektrofachkraft.',
  cordTitle: 'Welches Kabel?',
  cordLength: 'Länge des Kabels, m',
  cordLengthFeet: 'Länge des Kabels in Fuß',
  cordAmps: 'Strom des Werkzeugs, A',
  cord: (gauge, lost, share) =>
    `Mindestens ${gauge}: es verliert ${lost} V, ${share} der Spannung.`,
  noCord: (length) =>
    `Kein übliches Kabel von ${length} taugt dafür: es verlöre mehr als 3 % der Spannung, der Motor würde heiß und schwach. Lass von einer Elektrofachkraft eine Steckdose näher setzen, oder nimm ein kürzeres.`,
  thinner: (gauge, share) => `Eins mit ${gauge} verliert ${share}: zu dünn.`,
  unrolled:
    'Ganz abrollen: auf der Trommel wird es heiß. Ein Kabel, nicht mehrere hintereinander; sieh nach, was darauf steht.'
}
