'use client';

export { PageFailed as default } from '@/screens/household/PageFailed';
