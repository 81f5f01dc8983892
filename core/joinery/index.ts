export {
  RIGID_LIMIT_MM,
  adviseJoint,
  alternatives,
  partMovement,
  pocketScrewMm,
  speciesOf,
  throughScrewMm,
  type JointAdvice,
  type Verdict
} from './joints'
export {
  SPECIES,
  USUAL_HUMIDITY,
  VALID_MOISTURE,
  equilibriumMoisture,
  isSpecies,
  movementMm,
  panelMovement,
  type Humidity,
  type PanelMovement,
  type Species
} from './movement'
