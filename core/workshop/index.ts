export {
  type Workshop,
  LOUD_DBA,
  floorFor,
  beyondComfort,
  comfortable,
  ampsOf,
  circuitCarries
} from './workshop'
