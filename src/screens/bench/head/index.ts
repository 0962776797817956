export { BenchHead } from './BenchHead';
