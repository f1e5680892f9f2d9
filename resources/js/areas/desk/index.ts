export { Today } from './Today';
