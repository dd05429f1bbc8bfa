import adapter from '@sveltejs/adapter-node';
import { vitePreprocess } from '@sveltejs/vite-plugin-svelte';

/** @type {import('@sveltejs/kit').Config} */
export default {
  preprocess: vitePreprocess(),
  compilerOptions: { runes: true },
  kit: {
    adapter: adapter(),
    // registered by the pages themselves, which offer a new version instead of forcing it
    serviceWorker: { register: false },
    // the shell is given for pages at any depth
    paths: { relative: false },
    // checked in src/hooks.server.ts against the Host header, so that localhost and 127.0.0.1 both work
    csrf: { trustedOrigins: ['*'] },
    csp: {
      mode: 'auto',
      directives: {
        'default-src': ['self'],
        'script-src': ['self'],
        // Svelte and Skeleton set style attributes, which a nonce cannot cover
        'style-src': ['self'],
        // positions of what is drawn stand in style attributes
        'style-src-attr': ['unsafe-inline'],
        'img-src': ['self', 'data:', 'blob:'],
        // how long a recording is, read from its head
        'media-src': ['self', 'blob:'],
        'font-src': ['self'],
        'connect-src': ['self'],
        'worker-src': ['self', 'blob:'],
        'object-src': ['none'],
        'base-uri': ['none'],
        'frame-ancestors': ['none'],
        'form-action': ['self']
      }
    },
    typescript: {
      config: (config) => {
        config.include.push(
          '../bench/**/*.ts',
          '../vite.workers.config.ts',
          '../tests/**/*.ts',
          '../playwright.config.ts'
        );
        return config;
      }
    }
  }
};
