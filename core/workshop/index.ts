export {
  type Workshop,
  floorFor,
  suitsWall,
  beyondComfort,
  comfortable,
  ampsOf,
  circuitCarries
} from './workshop'
