'use client';

import { StoveScreen } from '@/screens/stove/StoveScreen';
import { useIdInPath } from '@/screens/household/path';

// Which one is read off the address, so that one page kept on the device stands for all.
export default function Page() {
  const id = useIdInPath();
  return <StoveScreen key={id} id={id} />;
}
