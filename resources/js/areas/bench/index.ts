export { KeepSending } from './KeepSending';
export { Hook } from './screens/Hook';
export { Run } from './screens/Run';
