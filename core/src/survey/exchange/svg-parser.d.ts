/** What we use of svg-parser, which ships no types. */
declare module 'svg-parser' {
  export interface ElementNode {
    readonly type: 'element'
    readonly tagName?: string
    readonly properties?: Readonly<Record<string, string | number>>
    readonly children: readonly (ElementNode | TextNode | string)[]
  }
  export interface TextNode {
    readonly type: 'text'
  }
  export interface RootNode {
    readonly type: 'root'
    readonly children: readonly ElementNode[]
  }
  export function parse(text: string): RootNode
}
