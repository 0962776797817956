export { read as POST } from '@/server';
