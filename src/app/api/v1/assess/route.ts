export { assess as POST } from '@/server';
