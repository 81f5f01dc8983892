export { type Workshop, LOUD_DBA, floorFor, comfortable, ampsOf, circuitCarries } from './workshop'
