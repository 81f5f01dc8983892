/** The cell beside another one of the same table, in steps across and down; `undefined` at the edge. */
function beside(cell: HTMLTableCellElement, dx: number, dy: number): HTMLTableCellElement | null {
  if (dx > 0) return cell.nextElementSibling as HTMLTableCellElement | null
  if (dx < 0) return cell.previousElementSibling as HTMLTableCellElement | null
  const row = cell.parentElement
  const other = dy > 0 ? row?.nextElementSibling : row?.previousElementSibling
  return (other?.children[cell.cellIndex] as HTMLTableCellElement | undefined) ?? null
}
const STEPS: Readonly<Record<string, readonly [dx: number, dy: number]>> = {
  ArrowRight: [1, 0],
  ArrowLeft: [-1, 0],
  ArrowDown: [0, 1],
  ArrowUp: [0, -1]
}

/** Arrow keys go through the cells of the fit grid; cells that are empty are stepped over. */
export function walkCells(event: KeyboardEvent): void {
  const step = STEPS[event.key]
  let cell = (event.target as HTMLElement).closest('td') as HTMLTableCellElement | null
  if (!step || !cell) return
  event.preventDefault()
  do cell = beside(cell, ...step)
  while (cell && !cell.querySelector('button.cell'))
  cell?.querySelector<HTMLElement>('button.cell')?.focus()
}
