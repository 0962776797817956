'use client';

import { TakeScreen } from '@/screens/take/TakeScreen';

export default function Page() {
  return <TakeScreen />;
}
