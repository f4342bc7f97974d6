import type { KeyText } from './keyText'

/** A part roll or an offcut of film or paper on the van. */
export interface Remnant {
  readonly id: string
  readonly coverId: string
  readonly lengthMm: number
}

/** Kinds of things that are bought, as the first part of an article's key. */
export const ARTICLE_KINDS = ['tape', 'cover', 'sealant', 'glaze', 'liquid', 'coating', 'sundry'] as const
type ArticleKind = (typeof ARTICLE_KINDS)[number]

/** `tape:marram-general/24`, `cover:skein-drop`: which thing of the shelf, and of a tape which width. */
export type ArticleKey = KeyText<'article'>

/** Where a thing of the shelf is ordered, and under which number. */
export interface Article {
  readonly id: ArticleKey
  readonly supplier: string
  readonly number: string
  /** Working days from the order until it is there. */
  readonly leadDays: number
}

/** What a key of the van names: a thing that is bought, a coating in its colour, or a tool. */
export interface ArticleRef {
  readonly kind: ArticleKind | 'tool'
  readonly id: string
  /** Of a coating, once its colour matters. */
  readonly colour: string | null
  /** Of a tape. */
  readonly widthMm: number | null
}

export const articleKey = (kind: ArticleRef['kind'], id: string, widthMm?: number): ArticleKey =>
  `${kind}:${id}${widthMm === undefined ? '' : `/${widthMm}`}`

/** A coating in one colour, as it is loaded. */
export const tintedKey = (id: string, colour: string): ArticleKey =>
  `${articleKey('coating', id)}|${colour.trim().toLowerCase()}`

const KEY = new RegExp(`^(${[...ARTICLE_KINDS, 'tool'].join('|')}):([^:/|]+)(?:\\|(.*)|/(\\d+))?$`)

/** What a key names; null for text that is none. */
export function readArticle(key: ArticleKey): ArticleRef | null {
  const [, kind, id, colour, width] = KEY.exec(key) ?? []
  if (!kind || !id) return null
  return { kind: kind as ArticleRef['kind'], id, colour: colour ?? null, widthMm: width ? Number(width) : null }
}

/** Whether a key names a thing of this kind. */
export const isOfKind = (key: ArticleKey, kind: ArticleRef['kind']): boolean => readArticle(key)?.kind === kind

/** What a thing is ordered as: a coating whatever its colour. */
export function orderKey(key: ArticleKey): ArticleKey {
  const ref = readArticle(key)
  return ref?.kind === 'coating' ? articleKey('coating', ref.id) : key
}

const ARTICLE = new RegExp(`^(${ARTICLE_KINDS.join('|')}):[^:/|]+(\\|[^:/|]+)?(/\\d+)?$`)
export const isArticle = (key: string): boolean => key.length <= 200 && ARTICLE.test(key)
