import { HelpScreen } from '@/screens/help/HelpScreen';

export default function Page() {
  return <HelpScreen />;
}
