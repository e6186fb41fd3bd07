/** The one part of the library that is used: it brings no types. */
declare module 'jstat' {
  const jstat: {
    readonly noncentralt: {
      readonly cdf: (x: number, dof: number, ncp: number) => number
    }
  }
  export default jstat
}
