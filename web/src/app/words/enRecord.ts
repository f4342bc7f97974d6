/** What looking along lines has taught. */
export const RECORD_WORDS = {
  title: 'What your lines say',
  counts:
    '{run} looked along: {counted, plural, =0 {no bleeds} one {# bleed} other {# bleeds}} found, {expected} expected.',
  belief: 'All in all {times} times what we expect, most likely between {low} and {high}.',
  under: 'under {least}',
  standing: {
    more: 'More bleeds than expected.',
    less: 'Fewer bleeds than expected.',
    'as-expected': 'About as many bleeds as expected.',
    open: 'Too few counted to tell.',
  },
  more: 'About {run} more looked along would tell.',
  how: 'Every line that is looked along counts, clean ones too. A tape that was used little is taken to be like the others. A job keeps its recipes while it runs: the next ones go by what it showed, once it is in the record and the house rules are kept.',
  holds: 'Your record: {run} looked along on {n, plural, one {one job} other {# jobs}}.',
  holdsNone: 'Your record is empty: recipes go by our figures alone.',
  wouldChange:
    '{n, plural, =0 {On a job like this one it would change no recipe.} one {On a job like this one it would change one recipe.} other {On a job like this one it would change # recipes.}}',
  wouldBeUnsafe: '{n, plural, one {One line} other {# lines}} would then have nothing safe.',
  wouldCost: 'Masking and touch-ups would be {after} there, not {before}.',
  takeIn: 'Add this job to the record',
  use: 'Use the record',
  uses: { on: 'yes', frozen: 'yes, add nothing new', off: 'no' },
  fade: 'Old counts',
  fades: { never: 'count in full', year: 'count half after a year', 'half-year': 'count half after six months' },
  forget: 'Forget',
  forgetOf: 'Forget {job}',
} as const
