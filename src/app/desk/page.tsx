import { Suspense } from 'react';
import { DeskScreen } from '@/screens/desk/DeskScreen';

export default function Page() {
  return (
    <Suspense>
      <DeskScreen />
    </Suspense>
  );
}
