export { declareTopics, raiseAllTopics } from './declareTopics'
export { keep, keepEach } from './keep'
export { asOneReading, readingAnew } from './stamps'
