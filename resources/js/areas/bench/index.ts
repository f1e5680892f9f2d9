export { KeepSending } from './KeepSending';
export { Hook } from './screens/Hook';
export { Run } from './screens/Run';
export { BenchLock } from './lock/BenchLock';
export { WithLastSeq } from './WithLastSeq';
