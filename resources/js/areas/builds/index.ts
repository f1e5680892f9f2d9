export { BuildsFrame } from './BuildsFrame';
export { Build } from './screens/Build';
export { Builds } from './screens/Builds';
export { ComeIn } from './screens/ComeIn';
export { Subassemblies } from './screens/Subassemblies';
export { Shipped } from './screens/Shipped';
