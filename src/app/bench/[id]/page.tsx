'use client';

import { BenchScreen } from '@/screens/bench/BenchScreen';
import { useIdInPath } from '@/screens/household/path';

// Read the id from the address, so that one cached page serves every batch.
export default function Page() {
  const id = useIdInPath();
  return <BenchScreen key={id} id={id} />;
}
