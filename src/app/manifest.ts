import type { MetadataRoute } from 'next';

/** The manifest that puts Retort on a phone's home screen. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    name: 'Retort',
    short_name: 'Retort',
    description: 'Plan and cook pressure-cooked soups, chilis, stocks and bone broths.',
    start_url: '/',
    scope: '/',
    display: 'standalone',
    background_color: '#faf6ee',
    theme_color: '#23448f',
    share_target: {
      action: '/desk',
      method: 'get',
      params: { title: 'title', text: 'text', url: 'url' },
    },
    icons: [
      { src: '/icons/192.png', sizes: '192x192', type: 'image/png' },
      { src: '/icons/512.png', sizes: '512x512', type: 'image/png' },
      { src: '/icons/512-maskable.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
    ],
  };
}
