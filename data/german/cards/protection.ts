import { card, family } from '../../cards/write'

/** Schutz. Zeichen der europäischen und amerikanischen Normen, aus dem Gedächtnis; die Vorschriften bei dir gehen vor. */
export const protectionCards = {
  ...family(
    {
      look: [
        'Als stoßfest gezeichnet: EN 166 mit F oder B, oder Z87+',
        'Sitzt eng: kein Spalt über 6 mm',
        'So bequem, dass man sie vergisst'
      ],
      mistake: 'Gewöhnliche Brillen: sie brechen, und die Seiten sind offen.',
      care: 'Vor dem Wischen abspülen; zerkratzte ersetzen.'
    },
    {
      'safety-glasses': {
        use: 'Halten Späne und Staub von den Augen, wann immer etwas dreht, schlägt oder schleift.',
        size: 'Über der Brille, wenn du eine trägst.'
      },
      'face-shield': {
        use: 'Deckt an Drechselbank und Schleifer das ganze Gesicht; die Brille bleibt darunter auf.',
        size: '200 mm hoch oder mehr.'
      }
    }
  ),
  ...family(
    {
      look: [
        'Nimmt 25 bis 33 dB (SNR) oder 20 bis 30 (NRR) weg',
        'Ringsum dicht: Brillenbügel lassen durch',
        'Eine Stunde lang bequem'
      ],
      mistake: 'Ihn für „nur einen Schnitt“ abnehmen: eine Säge mit 100 dB füllt die Tagesdosis in Minuten.',
      care: 'Neue Polster, wenn sie hart werden; Stöpsel nach einigen Malen.'
    },
    {
      'ear-muffs': 'Schützen die Ohren ab 85 dB(A): Sägen, Fräsen, Hobel, Sauger; in einer Sekunde auf und ab.',
      'ear-plugs': 'Dasselbe für die Tasche; unter dem Gesichtsschild oder im Sommer.'
    }
  ),
  ...family(
    {
      look: [
        'Mindestens FFP2 oder P2 für Holz; P3, N100 für Laubholz und Faserplatten',
        'Eng am Gesicht: kein Bart darunter',
        'Ein Ventil macht eine Stunde erträglich'
      ],
      mistake: 'Abnehmen, wenn die Säge steht: der feinste Staub hängt eine halbe Stunde.',
      care: 'Nach Gebrauch in einen Beutel; Filter nach Datum, oder wenn das Atmen schwer wird.'
    },
    {
      'dust-masks': {
        use: 'Halten feinen Staub ein, zwei Stunden von der Lunge.',
        size: 'Zehn auf einmal; jede für einen Tag.'
      },
      'half-mask': {
        use: 'Dasselbe, dichter und auf Dauer billiger: Filter werden gewechselt, die Maske bleibt.',
        size: 'Klein, mittel, groß: probier sie auf.'
      },
      'powered-mask': {
        use: 'Bläst gefilterte Luft hinter ein Visier: für Bärte, Brillen und lange Tage.',
        look: ['Filter P3', 'Läuft 4 Stunden oder länger', 'Unter 1 kg am Kopf']
      },
      'vapour-mask': {
        use: 'Hält Lösemittel von der Lunge: Spritzen und ölhaltige Oberflächen.',
        look: ['Filter A2P3 oder OV mit P100', 'Bis zum Gebrauch versiegelt, dann etwa 6 Monate', 'Sie sitzt dicht'],
        mistake: 'Ein Staubfilter gegen Dampf: er hält nichts auf.'
      }
    }
  ),
  'push-sticks': card(
    'Schieben den Rest eines Bretts am Blatt vorbei, damit keine Hand näher als 150 mm kommt.',
    [
      'Eine Ferse, die das Ende fasst',
      '300 mm oder länger; ein Schiebeholz hält auch nieder',
      'Holz oder Kunststoff, nie Metall'
    ],
    'Außer Reichweite aufbewahren: er hängt an der Säge.',
    'Angeschnittene ersetzen: sie kosten einen Rest.'
  ),
  'carving-glove': card(
    'Bewahrt die Hand, die das Stück hält, vor dem Messer.',
    ['Schnittfestigkeit C bis E, oder A4 und besser', 'Eng: nichts, was eingezogen wird', 'Nur für die haltende Hand'],
    'Handschuhe nahe an Drehendem: nie.',
    'Gewaschen; weggeworfen, sobald angeschnitten.'
  ),
  'first-aid-kit': card(
    'Hält eine Blutung auf, bis Hilfe kommt.',
    ['Druckverbände, mehrere', 'Pinzette, Pflaster, Augenspülung 500 ml', 'Wo du ihn mit einer Hand erreichst'],
    'Weggesperrt oder leer.',
    'Jedes Jahr durchgesehen; Verbrauchtes ersetzt.'
  ),
  'fire-extinguisher': card(
    'Löscht Staub, Späne und Lösemittel am Anfang.',
    ['ABC-Pulver oder Schaum, 2 bis 6 kg', 'An der Tür, nicht hinter der Bank', 'Anzeige im Grünen'],
    'Mehr als einen Eimer bekämpfen: hinaus, Tür zu, anrufen.',
    'Alle zwei Jahre geprüft, oder wie es bei dir vorgeschrieben ist.'
  ),
  'rag-bin': card(
    'Nimmt ölige Lappen, die sich in Stunden selbst entzünden können.',
    ['Metall, mit einem Deckel, der von selbst schließt', 'Füße, die Luft darunter lassen', '10 Liter oder mehr'],
    'Ein Haufen Lappen: im Freien ausgebreitet trocknen, oder nass in den Eimer.',
    'Jeden Abend geleert.'
  ),
  'leakage-breaker': card(
    'Schaltet im Nu ab, wenn Strom durch einen Menschen geht.',
    ['30 mA oder weniger (5 bis 6 mA, wo GFCI gilt)', 'Eine Prüftaste', 'Für die Stromstärke deiner Maschine'],
    'Ein feuchter Schuppen oder Garten ohne. Feste Leitungen: frag eine Elektrofachkraft.',
    'Jeden Monat die Prüftaste drücken.'
  ),
  'smoke-alarm': card(
    'Weckt dich, bevor Rauch schadet.',
    ['In einer staubigen Werkstatt eher Hitze als Rauch', 'Batterie für zehn Jahre', 'An der Decke, 500 mm von Wänden'],
    'Abnehmen, weil Staub ihn auslöste.',
    'Jeden Monat prüfen, ausblasen.'
  ),
  'no-volt-switch': card(
    'Hält eine Maschine nach einem Stromausfall aus, bis du wieder drückst.',
    ['Für ihre Stromstärke, 10 bis 16 A', 'Ein großes rotes Aus, mit dem Knie zu erreichen', 'Gegen Staub geschlossen'],
    'Den eigenen Schalter der Maschine dahinter anlassen.',
    'Jedes Mal einmal Aus drücken.'
  )
}
