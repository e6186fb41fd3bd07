export { newPhoto } from './newPhoto'
