import { LarderScreen } from '@/screens/larder/LarderScreen';

export default function Page() {
  return <LarderScreen />;
}
