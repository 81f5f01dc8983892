export { chooseWithin, type Choice, type Option } from './chooser'
export { buildValue, openBuilds, type BuildValue } from './value'
export { rank, type Candidate, type Effect, type Part, type Ranking } from './rank'
