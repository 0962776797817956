import { StoveScreen } from '@/screens/stove/StoveScreen';

export default async function Page({ params }: { readonly params: Promise<{ id: string }> }) {
  const { id } = await params;
  return <StoveScreen key={id} id={decodeURIComponent(id)} />;
}
