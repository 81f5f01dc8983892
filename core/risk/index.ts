export { quantile } from './quantile'
export { FAN, riskOf, type Risk } from './risk'
export { NO_RISK, USUAL_RISK, type RiskSettings } from './settings'
