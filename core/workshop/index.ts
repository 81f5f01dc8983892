export {
  type Workshop,
  floorFor,
  beyondComfort,
  comfortable,
  ampsOf,
  circuitCarries
} from './workshop'
