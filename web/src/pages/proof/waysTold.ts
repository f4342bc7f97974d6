import { tapeOf, type Shelf, type Trial, type TrialWay } from '@crisp-hem/core'
import { letterOf } from '../../app/naming/trialPieces'
import { W, wordText } from '../../app/words'

/** Ways of a trial in words: of each what sets it apart, and what all of them share. */
export function waysTold({ ways }: Trial, shelf: Shelf): { ways: string[]; shared: string } {
  const facets: ((way: TrialWay) => string)[] = [
    ({ tapeId }) => tapeOf(shelf, tapeId).name,
    ({ seal }) => (seal === 'none' ? W.recipes.noSeal : wordText('seal', seal)),
    ({ pressing }) => W.proof.trials.pressed({ with: pressing }),
    ({ stroke }) => W.proof.trials.stroked({ how: wordText('strokeName', stroke) }),
    ({ waitH }) => W.proof.trials.waited({ n: waitH }),
  ]
  const isShared = (told: (way: TrialWay) => string) => new Set(ways.map(told)).size === 1
  const [same, apart] = [facets.filter(isShared), facets.filter((told) => !isShared(told))]
  const [first] = ways
  return {
    ways: ways.map((way, i) =>
      W.proof.trials.wayTells({
        letter: letterOf(i),
        what: apart.map((told) => told(way)).join(', ') || W.proof.trials.alike,
      }),
    ),
    shared: first && same.length > 0 ? W.proof.trials.shared({ what: same.map((told) => told(first)).join(', ') }) : '',
  }
}
