import { BenchScreen } from '@/screens/bench/BenchScreen';

export default async function Page({ params }: { readonly params: Promise<{ id: string }> }) {
  const { id } = await params;
  return <BenchScreen key={id} id={decodeURIComponent(id)} />;
}
