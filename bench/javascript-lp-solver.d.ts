/** The part of the solver's interface that the comparison uses; it ships no types. */
declare module 'javascript-lp-solver' {
  interface Model {
    readonly optimize: string;
    readonly opType: 'min' | 'max';
    readonly constraints: Readonly<
      Record<string, { readonly min?: number; readonly max?: number }>
    >;
    readonly variables: Readonly<Record<string, Readonly<Record<string, number>>>>;
  }
  const solver: { readonly Solve: (model: Model) => unknown };
  export default solver;
}
