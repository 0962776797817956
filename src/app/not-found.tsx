export { NoPage as default } from '@/screens/household/NoPage';
