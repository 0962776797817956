declare module '*/server.mjs' {
  export const BROWSER: { executablePath: string; args: string[] };
}
