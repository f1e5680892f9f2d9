export { askAhead } from './queries';
export { KeepSending } from './KeepSending';
export { JobHook } from './screens/JobHook';
export { PaperCard } from './screens/PaperCard';
export { Run } from './screens/Run';
export { BenchLock } from './lock/BenchLock';
export { WithLastSeq } from './WithLastSeq';
export { Handover } from './screens/Handover';
