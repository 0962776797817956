export { page as POST } from '@/server';
