export { FAN, USUAL_RISK, quantile, riskOf, type Risk, type RiskSettings } from './risk'
