import { RunScreen } from '@/screens/log/RunScreen';

export default async function Page({ params }: { readonly params: Promise<{ id: string }> }) {
  const { id } = await params;
  return <RunScreen key={id} id={decodeURIComponent(id)} />;
}
