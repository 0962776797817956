import { KitchenScreen } from '@/screens/kitchen/KitchenScreen';

export default function Page() {
  return <KitchenScreen />;
}
