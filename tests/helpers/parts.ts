import { type Part } from '../../core/cutlist'

export const part = (change: Partial<Part>): Part => ({
  id: 'p1',
  name: 'Part',
  quantity: 1,
  lengthMm: 600,
  widthMm: 145,
  thicknessMm: 20,
  stock: 'softwood',
  joints: [],
  grain: true,
  ...change
})
