import { BenchIndex } from '@/screens/bench/BenchIndex';

export default function Page() {
  return <BenchIndex />;
}
