export { Card } from './screens/Card';
export { Cards } from './screens/Cards';
