export { BenchSignIn } from './screens/BenchSignIn';
export { Notices } from './Notices';
export { SignIn } from './screens/SignIn';
