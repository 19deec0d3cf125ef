/** Of the library only what is used here. */
declare module 'jstat' {
  const jstat: {
    /** Complementary error function. */
    readonly erfc: (x: number) => number;
    /** Regularised incomplete beta function. */
    readonly ibeta: (x: number, a: number, b: number) => number;
  };
  export default jstat;
}
