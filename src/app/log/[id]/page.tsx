'use client';

import { CookScreen } from '@/screens/log/CookScreen';
import { useIdInPath } from '@/screens/household/path';

// Read the id from the address, so that one cached page serves every cook.
export default function Page() {
  const id = useIdInPath();
  return <CookScreen key={id} id={id} />;
}
