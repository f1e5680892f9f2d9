export { BenchSignIn } from './screens/BenchSignIn';
export { Notices } from './Notices';
export { People } from './screens/People';
export { SignIn } from './screens/SignIn';
