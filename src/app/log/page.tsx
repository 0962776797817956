import { LogScreen } from '@/screens/log/LogScreen';

export default function Page() {
  return <LogScreen />;
}
