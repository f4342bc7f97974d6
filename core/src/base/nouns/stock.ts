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
export type ArticleKey = string

/** Where a thing of the shelf is ordered, and under which number. */
export interface Article {
  readonly id: ArticleKey
  readonly supplier: string
  readonly number: string
  /** Working days from the order until it is there. */
  readonly leadDays: number
}

export const articleKey = (kind: ArticleKind, id: string, widthMm?: number): ArticleKey =>
  `${kind}:${id}${widthMm === undefined ? '' : `/${widthMm}`}`

const ARTICLE = new RegExp(`^(${ARTICLE_KINDS.join('|')}):[^:/|]+(\\|[^:/|]+)?(/\\d+)?$`)
export const isArticle = (key: string): boolean => key.length <= 200 && ARTICLE.test(key)
