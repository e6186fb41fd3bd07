export { findItems } from './findItems'
