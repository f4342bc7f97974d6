import { Component, type ReactNode } from 'react'
import { W, errorText } from '../words'
import { Button } from './Button'

interface State {
  readonly error: unknown
}

/** Holds a fault of one part of a page to that part: it says so in place, and the rest goes on. */
export class PartBoundary extends Component<{ readonly children: ReactNode }, State> {
  override state: State = { error: null }

  static getDerivedStateFromError(error: unknown): State {
    return { error }
  }

  override render(): ReactNode {
    const { error } = this.state
    if (error === null) return this.props.children
    return (
      <div role="alert" className="border-l-4 border-act pl-3">
        <p>{W.trouble.part}</p>
        <p className="text-sm text-soft">{errorText(error)}</p>
        <Button className="mt-1" onClick={() => this.setState({ error: null })}>
          {W.trouble.again}
        </Button>
      </div>
    )
  }
}
