import { CookScreen } from '@/screens/log/CookScreen';

export default async function Page({ params }: { readonly params: Promise<{ id: string }> }) {
  const { id } = await params;
  return <CookScreen key={id} id={decodeURIComponent(id)} />;
}
