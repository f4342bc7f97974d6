/**
 * Text that names things of one kind. Any text may be taken for a key, as it comes out of files and is read before it is
 * believed; but a key of one kind never passes for a key of another.
 */
export type KeyText<Kind extends string> = string & { readonly length: number; readonly isKeyOf?: Kind }
