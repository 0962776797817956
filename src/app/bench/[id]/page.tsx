'use client';

import { BenchScreen } from '@/screens/bench/BenchScreen';
import { useIdInPath } from '@/screens/household/path';

// Which one is read off the address, so that one page kept on the device stands for all.
export default function Page() {
  const id = useIdInPath();
  return <BenchScreen key={id} id={id} />;
}
