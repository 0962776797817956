'use client';

import { StoveScreen } from '@/screens/stove/StoveScreen';
import { useIdInPath } from '@/screens/household/path';

// Read the id from the address, so that one cached page serves every cook.
export default function Page() {
  const id = useIdInPath();
  return <StoveScreen key={id} id={id} />;
}
