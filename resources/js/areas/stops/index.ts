export { StopNow } from './screens/StopNow';
export { StopPage } from './screens/StopPage';
export { Stops } from './screens/Stops';
