export { asSchool, schoolOutcome, type SchoolOutcome } from './compare'
export { applyScenario, scenarioOutcome, type ScenarioOutcome } from './scenario'
