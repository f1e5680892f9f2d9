export { Crib } from './screens/Crib';
