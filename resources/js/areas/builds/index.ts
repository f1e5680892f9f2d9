export { Build } from './screens/Build';
export { Builds } from './screens/Builds';
