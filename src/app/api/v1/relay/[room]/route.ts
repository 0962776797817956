export { hear as GET, say as POST } from '@/server';
