import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { readCutList, writeCutList } from '.'

const codes = (text: string, system: 'metric' | 'imperial' = 'metric') =>
  readCutList(text, system).problems.map(({ code, figures }) => [code, figures.row, figures.column])

describe('reading a cut list', () => {
  test('pasted from a spreadsheet: tabs, headings in any order and wording', () => {
    const { parts, problems } = readCutList(
      'Qty\tDescription\tL\tW\tT\tMaterial\tEdge banding\tJoinery\n2\tSide\t800\t300\t18\tPlywood\tband front\tdado 3; screws 4\n1\tTop\t764\t300\t18\tply\t\t',
      'metric'
    )
    expect(problems).toEqual([])
    expect(parts).toMatchObject([
      {
        name: 'Side',
        quantity: 2,
        lengthMm: 800,
        widthMm: 300,
        thicknessMm: 18,
        stock: 'sheet',
        edges: { work: 'band', run: 'front' },
        joints: [
          { joint: 'dado', count: 3 },
          { joint: 'screwed', count: 4 }
        ]
      },
      { name: 'Top', quantity: 1, joints: [] }
    ])
  })
  test('CSV with semicolons and decimal commas', () => {
    expect(
      readCutList('part;quantity;length;width;thickness\nLeg;4;720,5;45;45\n', 'metric').parts
    ).toMatchObject([{ lengthMm: 720.5, stock: 'softwood' }])
  })
  test('CSV with commas and quoted cells', () => {
    expect(
      readCutList('part,quantity,length,width,thickness\n"Rail, upper",2,"600",70,20\n', 'metric')
        .parts
    ).toMatchObject([{ name: 'Rail, upper', quantity: 2, lengthMm: 600 }])
  })
  test('inches as people write them: 23 1/2, 1-1/2, 2\' 6"', () => {
    const { parts, problems } = readCutList(
      'part\tqty\tlength\twidth\tthickness\na\t1\t23 1/2\t5-1/2\t3/4\nb\t1\t2\' 6"\t3 1/2\t1-1/2',
      'imperial'
    )
    expect(problems).toEqual([])
    expect(
      parts.map(({ lengthMm, widthMm, thicknessMm }) => [lengthMm, widthMm, thicknessMm])
    ).toEqual([
      [596.9, 139.7, 19.05],
      [762, 88.9, 38.1]
    ])
  })
  test('a unit in the heading counts for the column, one in the cell for the cell', () => {
    const { parts } = readCutList(
      'part\tqty\tlength (cm)\twidth [mm]\tthickness\na\t1\t60\t145\t20\nb\t1\t24 in\t145\t20',
      'metric'
    )
    expect(parts.map(({ lengthMm }) => lengthMm)).toEqual([600, 609.6])
  })
  test('a nominal size stands for its real width and thickness', () => {
    expect(
      readCutList('part\tqty\tlength\twidth\tthickness\tmaterial\nStud\t6\t2400\t\t\t2x4', 'metric')
        .parts
    ).toMatchObject([{ widthMm: 88.9, thicknessMm: 38.1, stock: 'softwood' }])
  })
  test('without headings the usual order holds', () =>
    expect(readCutList('Shelf\t3\t764\t280\t18\tplywood', 'metric').parts).toMatchObject([
      { name: 'Shelf', quantity: 3, stock: 'sheet' }
    ]))
  test('species are kept, rough is told from surfaced', () => {
    expect(
      readCutList(
        'part\tqty\tlength\twidth\tthickness\tmaterial\na\t1\t900\t150\t20\trough oak\nb\t1\t900\t150\t20\tcherry',
        'metric'
      ).parts
    ).toMatchObject([
      { stock: 'hardwood-rough', species: 'red-oak' },
      { stock: 'hardwood-surfaced', species: 'cherry' }
    ])
  })
})

describe('what is refused names its row and column, and the good rows stay', () => {
  const head = 'part\tqty\tlength\twidth\tthickness\tmaterial\tedges\tjoints\n'
  test.each<[string, string, string, string]>([
    ['a fraction among millimetres', 'a\t1\t23 1/2\t100\t20', 'cut.say-unit', 'length'],
    ['no length at all', 'a\t1\tlong\t100\t20', 'cut.not-a-length', 'length'],
    ['nothing there', 'a\t1\t600\t\t20', 'cut.missing', 'width'],
    ['zero', 'a\t1\t0\t100\t20', 'cut.not-positive', 'length'],
    ['below zero', 'a\t1\t-600\t100\t20', 'cut.not-positive', 'length'],
    ['sixty metres long', 'a\t1\t60 m\t100\t20', 'cut.absurd', 'length'],
    ['half a piece', 'a\t1.5\t600\t100\t20', 'cut.not-a-count', 'quantity'],
    ['no count', 'a\t\t600\t100\t20', 'cut.missing', 'quantity'],
    [
      'a material nobody knows',
      'a\t1\t600\t100\t20\tunobtainium',
      'cut.unknown-material',
      'material'
    ],
    ['a joint nobody knows', 'a\t1\t600\t100\t20\tply\t\twarp 2', 'cut.unknown-joint', 'joints'],
    ['an edge nobody knows', 'a\t1\t600\t100\t20\tply\tsparkly', 'cut.unknown-edge', 'edges'],
    ['thickness and width changed places', 'a\t1\t600\t20\t100', 'cut.thick', 'thickness']
  ])('%s', (_, row, code, column) => {
    const text = `${head}good\t2\t500\t95\t20\n${row}\n`
    expect(codes(text)).toContainEqual([code, 3, column])
    expect(readCutList(text, 'metric').parts.map(({ name }) => name)).toEqual(['good'])
  })
  test('a missing column is named with those that were found', () => {
    expect(readCutList('part\twidth\tcolour\na\t100\tred', 'metric').problems).toMatchObject([
      { code: 'cut.no-column', figures: { column: 'quantity', found: 'part, width, colour' } },
      { code: 'cut.no-column', figures: { column: 'length' } }
    ])
  })
  test('nothing, and far too much', () => {
    expect(codes('  \n\n')[0]?.[0]).toBe('cut.empty')
    expect(codes(`${head}${'a\t1\t600\t100\t20\n'.repeat(1200)}`)[0]?.[0]).toBe('cut.too-many')
  })
  test('markup and direction marks are text', () =>
    expect(readCutList(`${head}<b>\u202eSide</b>\t1\t600\t100\t20`, 'metric').parts[0]?.name).toBe(
      '<b>Side</b>'
    ))
  test('whatever is pasted, it is answered with parts and problems, never with a crash', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 300 }), (text) => {
        const { parts, rows } = readCutList(text, 'metric')
        expect(parts.length).toBeLessThanOrEqual(Math.max(rows, parts.length))
        for (const one of parts)
          expect(
            one.lengthMm > 0 && one.widthMm > 0 && one.thicknessMm > 0 && one.quantity >= 1
          ).toBe(true)
      })
    )
  })
})

test('a list written out reads back the same, and no cell runs as a formula', () => {
  const text =
    'part\tqty\tlength\twidth\tthickness\tmaterial\tedges\tjoints\n=Side\t2\t800\t300\t18\tPlywood\tband front\tdado 3\nTop\t1\t900\t150\t20\trough oak\tround all\tdowel 4'
  const { parts } = readCutList(text, 'metric')
  const written = writeCutList(parts)
  expect(written).toContain("'=Side")
  expect(
    readCutList(written, 'metric').parts.map(({ id: _id, name: _name, ...rest }) => rest)
  ).toEqual(parts.map(({ id: _id, name: _name, ...rest }) => rest))
})

describe('the same list in other words', () => {
  const sizes = fc.record({
    length: fc.integer({ min: 10, max: 2000 }),
    width: fc.integer({ min: 10, max: 500 }),
    thickness: fc.integer({ min: 3, max: 10 }),
    quantity: fc.integer({ min: 1, max: 99 })
  })
  const numbers = (text: string, system: 'metric' | 'imperial' = 'metric'): (readonly number[])[] =>
    readCutList(text, system).parts.map(({ quantity, lengthMm, widthMm, thicknessMm }) => [
      quantity,
      lengthMm,
      widthMm,
      thicknessMm
    ])

  test('tabs, commas or semicolons; any order of columns; units in heading or cell', () => {
    fc.assert(
      fc.property(fc.array(sizes, { minLength: 1, maxLength: 6 }), (rows) => {
        const plain = numbers(
          [
            'part\tqty\tlength\twidth\tthickness',
            ...rows.map(
              (row, i) => `p${i}\t${row.quantity}\t${row.length}\t${row.width}\t${row.thickness}`
            )
          ].join('\n')
        )
        expect(plain).toEqual(
          rows.map((row) => [row.quantity, row.length, row.width, row.thickness])
        )
        expect(
          numbers(
            [
              'part,qty,length,width,thickness',
              ...rows.map(
                (row, i) => `p${i},${row.quantity},${row.length},${row.width},${row.thickness}`
              )
            ].join('\r\n')
          )
        ).toEqual(plain)
        expect(
          numbers(
            [
              'T;W;L;Menge;qty;name',
              ...rows.map(
                (row, i) => `${row.thickness};${row.width};${row.length};;${row.quantity};p${i}`
              )
            ].join('\n')
          )
        ).toEqual(plain)
        expect(
          numbers(
            [
              'part;qty;length (cm);width (cm);thickness',
              ...rows.map(
                (row, i) =>
                  `p${i};${row.quantity};${String(row.length / 10).replace('.', ',')};${String(row.width / 10).replace('.', ',')};${row.thickness} mm`
              )
            ].join('\n')
          )
        ).toEqual(plain)
      })
    )
  })
  test('inches by heading, by cell or by the workspace come to the same', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 70 }),
        fc.integer({ min: 1, max: 15 }),
        (whole, sixteenths) => {
          const length = `${whole} ${sixteenths}/16`
          const rows = [
            numbers(`part\tqty\tlength (in)\twidth\tthickness\na\t1\t${length}\t100 mm\t10 mm`),
            numbers(`part\tqty\tlength\twidth\tthickness\na\t1\t${length} in\t100\t10`),
            numbers(
              `part\tqty\tlength\twidth\tthickness\na\t1\t${length}\t100 mm\t10 mm`,
              'imperial'
            )
          ]
          expect(rows[0]?.[0]?.[1]).toBeCloseTo((whole + sixteenths / 16) * 25.4, 1)
          expect(rows[1]).toEqual(rows[0])
          expect(rows[2]).toEqual(rows[0])
        }
      )
    )
  })
})

describe('what stands in a cell is read for what it says', () => {
  const read = (row: string) =>
    readCutList(`part,qty,length,width,thickness,material,edges,joints\n${row}`, 'metric')
  test('plywood of 4x8 feet is a sheet, not a board of four by eight', () => {
    expect(read('Side,2,900,300,18,plywood 4x8,,').parts[0]).toMatchObject({
      stock: 'sheet',
      widthMm: 300
    })
    expect(read('Leg,4,700,,,2x4,,').parts[0]).toMatchObject({ stock: 'softwood' })
  })
  test('how thick a band is does not say where it goes', () => {
    const run = (edges: string) =>
      read(`Side,2,900,300,18,plywood,"${edges}",`).parts[0]?.edges?.run
    expect([
      run('band all, 1 mm'),
      run('band 2 mm'),
      run('band front 0.5 mm'),
      run('band 2 long')
    ]).toEqual(['all', 'all', 'front', 'long'])
  })
  test('a half lap written as a fraction is one joint', () => {
    expect(read('Rail,2,900,60,20,pine,,1/2 lap').parts[0]?.joints).toEqual([
      { joint: 'half-lap', count: 2 }
    ])
    expect(read('Rail,2,900,60,20,pine,,dowel 4 / 1/2 lap 1').parts[0]?.joints).toEqual([
      { joint: 'dowel', count: 4 },
      { joint: 'half-lap', count: 1 }
    ])
  })
  test('a length that can be read in two ways is asked about', () => {
    expect(read('Side,2,"1,200",300,18,plywood,,').problems.map(({ code }) => code)).toEqual([
      'cut.ambiguous'
    ])
  })
})
