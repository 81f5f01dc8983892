import fc from 'fast-check'

/** Random cases are the same on every run; `FC_SEED=n npm test` draws others. */
fc.configureGlobal({ seed: Number(process.env.FC_SEED ?? 20_261_125) })
