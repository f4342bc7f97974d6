// The package ships no types for its browser build; savePdf.ts states what it uses.
declare module 'pdfmake/build/pdfmake' {
  const maker: unknown
  export default maker
}
declare module 'pdfmake/build/vfs_fonts' {
  const files: unknown
  export default files
}
