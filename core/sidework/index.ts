export { saleReckoning, type PieceBrings, type SaleReckoning } from './piece'
