export { openStorage, type Settings, type Storage } from './database'
