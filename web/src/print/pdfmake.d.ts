// The package ships no types for its browser build; savePdf.ts states what it uses.
declare module 'pdfmake/build/pdfmake' {
  const maker: unknown
  export default maker
}
