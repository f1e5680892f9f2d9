export { Audit } from './screens/Audit';
export { Sheet } from './screens/Sheet';
