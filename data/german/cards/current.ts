import { card } from '../../cards/write'

/** Strom und Dampf. */
export const currentCards = {
  'battery-set': card(
    'Akkus und ein Ladegerät für jedes Werkzeug eines Systems.',
    [
      '2 Ah für einen Bohrschrauber, 4 bis 5 Ah für Sägen',
      'Ein Ladegerät, das sie in einer Stunde füllt',
      'Gekennzeichnete: andere sind eine Brandgefahr und beenden die Garantie'
    ],
    'Nur ein Akku: er ist immer leer.',
    'Über den Winter halb voll, bei 10 bis 25 Grad, nie bei Frost laden.',
    'Zwei mit 2 Ah sind ein Anfang; eine Säge will 4 Ah.'
  ),
  'extension-cord': card(
    'Bringt Strom dahin, wo die Arbeit ist.',
    ['2,5 mm² für 16 A, 12 AWG für 15 A, ab 10 m', 'So kurz wie möglich', 'Gummi, kein steifer Kunststoff'],
    'Aufgerollt unter Last: es schmilzt. Ganz abrollen.',
    'Vor jedem Gebrauch auf Schnitte ansehen.',
    '5 m im Zimmer, 10 m im Hof.'
  ),
  'steam-box': card(
    'Macht Leisten weich, damit sie sich biegen.',
    ['Ein Kasten von 1 bis 1,5 m, nicht dicht', 'Ein Liter Wasser in der Stunde', 'Ein Ablauf am tiefen Ende'],
    'Zum Gesicht hin öffnen: Dampf verbrüht.',
    'Nachher offen trocknen lassen.',
    'Eine Stunde je 25 mm Dicke.'
  )
}
