import { BatchesScreen } from '@/screens/batches/BatchesScreen';

export default function Page() {
  return <BatchesScreen />;
}
