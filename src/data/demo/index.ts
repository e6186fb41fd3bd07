export { CONTAINERS } from './scenario'
export { seedDemo } from './seedDemo'
