/** What looking along lines has taught. */
export const RECORD_WORDS = {
  title: 'What your lines say',
  counts:
    '{run} looked along: {counted, plural, =0 {no bleeds} one {# bleed} other {# bleeds}} found, {expected} expected.',
  belief: 'With what was believed before: {times} times what is expected, most likely {low} to {high} times.',
  under: 'under {least}',
  standing: {
    more: 'More bleeds than expected.',
    less: 'Fewer bleeds than expected.',
    'as-expected': 'About as many bleeds as expected.',
    open: 'Too few counted to tell.',
  },
  more: 'About {run} more looked along would tell.',
  how: 'Every line that is looked along counts, clean ones too. A tape that was used little is taken to be like the others. Recipes do not go by this yet: it is for you to judge them by.',
} as const
