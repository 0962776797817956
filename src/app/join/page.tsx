'use client';

import { JoinScreen } from '@/screens/join/JoinScreen';

export default function Page() {
  return <JoinScreen />;
}
