import { LabelsScreen } from '@/screens/larder/LabelsScreen';

export default function Page() {
  return <LabelsScreen />;
}
