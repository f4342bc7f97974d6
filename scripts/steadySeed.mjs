import fc from 'fast-check'

// The tests of every day go through the same made-up cases wherever they run, so that a change, not luck, breaks them; the drill's are others each time.
if (!process.env.LONG) fc.configureGlobal({ seed: 20_270_512 })
