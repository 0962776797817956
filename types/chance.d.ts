declare module '*/chance.mjs' {
  export function chanceOf(seed: number): () => number;
}
