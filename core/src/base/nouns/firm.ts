/** Who the contractor is, as it stands on quotes: set once, with the house rules. Empty text where nothing was said. */
export interface Firm {
  readonly name: string
  /** Lines of an address, as on an envelope. */
  readonly address: string
  /** Telephone, mail. */
  readonly contact: string
  readonly taxNumber: string
  /** The contractor's sign as a picture in a data address (PNG or JPEG); empty for none. */
  readonly sign: string
}

export const NO_FIRM: Firm = { name: '', address: '', contact: '', taxNumber: '', sign: '' }

/** Whom the work is for. */
export interface Customer {
  readonly name: string
  readonly address: string
}

export const NO_CUSTOMER: Customer = { name: '', address: '' }
