export { type Answered, forgetOldAnswers, keepAnswered, readAnswered } from './answeredRequests'
