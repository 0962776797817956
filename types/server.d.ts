declare module '*/server.mjs' {
  import type { spawn } from 'node:child_process';
  export const BROWSER: { executablePath: string; args: string[] };
  export function serve(
    start: typeof spawn,
    next: string,
    port: number,
  ): Promise<{ home: string; stop: () => void }>;
}
