import { StoveIndex } from '@/screens/stove/StoveIndex';

export default function Page() {
  return <StoveIndex />;
}
